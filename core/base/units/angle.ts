export function radians(angleDeg: number): number {
  return (angleDeg * Math.PI) / 180;
}

export function degrees(angleRad: number): number {
  return (angleRad * 180) / Math.PI;
}
