import type { SheetPass } from '../../sheet/sheet';
import type { SheetStep } from '../../sheet/sheet-step';

/**
 * Whether a step has its turn by now: those before cutting from the beginning, those after the scratch from the first cut,
 * those in mid-course from half of the planned feed. Those after cutting come when nothing more is cut: the advice says so.
 */
export function isDueBy(
  when: SheetStep['when'],
  cuts: readonly { planReading: number }[],
  passes: readonly SheetPass[],
): boolean {
  switch (when) {
    case 'before-cutting':
      return true;
    case 'after-scratch':
      return cuts.length > 0;
    case 'mid-course': {
      const last = Math.max(...passes.map(({ dialReading }) => dialReading.value));
      return cuts.some(({ planReading }) => planReading >= last / 2);
    }
    default:
      return false;
  }
}
