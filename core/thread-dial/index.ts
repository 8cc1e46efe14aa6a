export * from './repeat';
export * from './safe-marks';
export * from './between-marks';
export * from './part-of-turn';
export * from './catch-at';
