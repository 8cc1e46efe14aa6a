import type { Holding } from '@/core/machine/technique/choices';
import type { SheetStep } from '../sheet-step';
import type { StepCase } from './step-case';
import { confirm } from './step-makers';

/** How the part is held, each way with its own steps and hazards (common practice). */
const HOLDINGS: Record<Holding, (external: boolean) => [string, string | null]> = {
  chuck: (external) =>
    external
      ? ['Short out of the jaws, a shoulder against them; jaws tight, running true.', null]
      : ['Work home against the jaws, running true; tailstock out of the way.', null],
  'chuck-and-centre': () => ['Shoulder against the jaws, tailstock centre in, quill short and locked.', null],
  'between-centres': () => [
    'Centres clean and in line, dog tight, its tip on the driving pin. Mark slot and dog tip: so it comes back the same way.',
    'The dog swings: sleeves and hands clear of it. Heat lengthens the part: look at the centre again after heavy passes.',
  ],
  collet: () => [
    'Collet of the right size, drawbar neither loose nor so tight that the lever misses its end; then the stick-out.',
    null,
  ],
  'four-jaw': () => [
    'Dial it in by opposite jaws; all four tight at the end, and dialled once more.',
    'Jaws that stand out strike: turn by hand once before the spindle is live.',
  ],
  faceplate: () => [
    'Clamped over its supports, balanced, dialled in.',
    'Clamps and weights stand out, and what is out of balance shakes: turn by hand once, low speed.',
  ],
  parallels: () => [
    'Set off the jaws on parallels, so that the tool has room to come out behind; jaws tight, running true.',
    'Take the parallels out before the spindle turns.',
  ],
};

export function holdingStep({ way }: StepCase): SheetStep {
  const external = way.side === 'external';
  const [instruction, hazard] = HOLDINGS[way.holding](external);
  return confirm('holding', 'Holding', instruction, hazard ?? centreHazard(way));
}

function centreHazard({ holding, direction }: StepCase['way']): string | null {
  if (holding !== 'chuck-and-centre') return null;
  return direction === 'away-from-headstock'
    ? 'Mind the live centre: the tool runs toward it while it cuts.'
    : 'Mind the live centre: the tool comes back toward it.';
}
