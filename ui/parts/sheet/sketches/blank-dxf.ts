import Drawing from 'dxf-writer';
import { outline, type PartShape } from '@/core/machine/blank/part-shape';
import type { LengthUnit } from '@/core/base/units/length';

/** The part before the thread as a DXF drawing in its own unit, full size: outline, root of the thread, axis, dimensions as text. */
export function blankDxf(part: PartShape, unit: LengthUnit, show: (length: number) => string): string {
  const drawing = new Drawing();
  drawing.setUnits(unit === 'in' ? 'Inches' : 'Millimeters');
  drawing.addLineType('CENTER', '____ _ ', [
    0.5 * part.diameter,
    -0.1 * part.diameter,
    0.05 * part.diameter,
    -0.1 * part.diameter,
  ]);
  drawing.addLayer('OUTLINE', Drawing.ACI.WHITE, 'CONTINUOUS');
  drawing.addLayer('ROOT', Drawing.ACI.RED, 'CONTINUOUS');
  drawing.addLayer('AXIS', Drawing.ACI.GREEN, 'CENTER');
  drawing.addLayer('TEXT', Drawing.ACI.CYAN, 'CONTINUOUS');
  const { points, length, threadFrom, registerLater } = outline(part);
  // The free end on the right, as it stands in the lathe seen from the operator.
  const half = (sign: 1 | -1): [number, number][] => points.map(([z, r]) => [-z, sign * r]);
  drawing.setActiveLayer('OUTLINE');
  if (part.side === 'external') drawing.drawPolyline([...half(1), ...half(-1).reverse()], true);
  else for (const sign of [1, -1] as const) drawing.drawPolyline(half(sign), false);
  drawing.setActiveLayer('ROOT');
  for (const sign of [1, -1])
    drawing.drawLine(
      -threadFrom,
      (sign * part.root) / 2,
      -threadFrom - part.threadLength,
      (sign * part.root) / 2,
    );
  if (registerLater.length > 0) {
    drawing.addLayer('REGISTER', Drawing.ACI.YELLOW, 'CENTER');
    drawing.setActiveLayer('REGISTER');
    for (const sign of [1, -1])
      drawing.drawPolyline(
        registerLater.map(([z, r]) => [-z, sign * r]),
        false,
      );
  }
  drawing.setActiveLayer('AXIS');
  drawing.drawLine(0.2 * part.diameter, 0, -length - 0.2 * part.diameter, 0);
  drawing.setActiveLayer('TEXT');
  const size = part.diameter / 12;
  const notes = [
    `${part.side === 'external' ? 'BLANK' : 'BORE'} DIA ${show(part.diameter)}`,
    `THREAD ${part.threadLengthKnown ? show(part.threadLength) : 'LENGTH NOT SAID'}`,
    `${part.end.toUpperCase()} ${show(part.endLength)}`,
    ...(part.end === 'groove' || part.end === 'recess' ? [`RELIEF DIA ${show(part.relief)}`] : []),
    `CHAMFER TO DIA ${show(part.chamfer.diameter)}`,
    ...(part.register === null
      ? []
      : [
          `REGISTER DIA ${show(part.register.diameter)} X ${show(part.register.length)}${part.register.made === 'after' ? ' AFTER THE THREAD' : ''}`,
        ]),
  ];
  for (const [index, note] of notes.entries())
    drawing.drawText(-length, -part.diameter * 0.9 - index * 1.6 * size, size, 0, note);
  return drawing.toDxfString();
}
