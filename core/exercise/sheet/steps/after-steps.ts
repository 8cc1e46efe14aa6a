import { catchesMarks } from '@/core/machine/technique/drives';
import type { SheetStep } from '../sheet-step';
import { confirm } from './step-makers';
import type { StepCase } from './step-case';

/** What is done once nothing more is cut (common practice). */
export function afterSteps({ drive }: StepCase): SheetStep[] {
  const dial = catchesMarks(drive) ? ', thread dial out of mesh' : '';
  return [
    {
      ...confirm(
        'clean-up',
        'Clean up',
        `Brush the chips off${dial}, grit off the ways; burrs off the crests, if any are left.`,
        'Handle on the file, sleeves clear, stand clear of the jaws; no fingers in the chips.',
      ),
      when: 'after-cutting',
    },
  ];
}
