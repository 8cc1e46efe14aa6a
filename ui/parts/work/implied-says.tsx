import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { bandText } from '@/ui/units/band-text';
import { useShowLength } from '@/ui/units/display-unit';

/** The tip or the zero that the last proof implies, said as the inference that it is. */
export function ImpliedSays({ sheet, implied }: { sheet: Sheet; implied: Prediction['implied'] }) {
  const show = useShowLength();
  const { unit } = sheet.thread;
  if (implied === null) return null;
  const text = (band: { min: number; max: number }) =>
    `${bandText(band, (value) => show.figures(value, unit))} ${show.unitOf(unit)}`;
  return (
    <p className="border-l-4 border-rule-strong bg-paper-sunk p-2.5 text-sm">
      <strong>Inferred:</strong>{' '}
      {implied.of === 'tip' &&
        `if the zero was on the surface, the tip has a flat of ${text(implied.flat)}, or a radius of ${text(implied.radius)}.`}
      {implied.of === 'zero-inside' &&
        `no tip cuts so deep from the surface: the zero was inside the metal by ${text(implied.by)}, or more.`}
      {implied.of === 'zero' && zeroText(implied.gap, text)}
    </p>
  );
}

function zeroText(gap: { min: number; max: number }, text: (band: { min: number; max: number }) => string) {
  if (gap.max < 0)
    return `with the tip of the sheet, the zero was inside the metal by ${text({ min: -gap.max, max: -gap.min })}.`;
  if (gap.min >= 0) return `with the tip of the sheet, the zero stood ${text(gap)} off the work.`;
  return `with the tip of the sheet, the zero lay within ${text(gap)} of the surface.`;
}
