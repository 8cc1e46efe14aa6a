import { catchesMarks } from '@/core/machine/technique/drives';
import type { SheetStep } from '../sheet-step';
import { confirm } from './step-makers';
import type { StepCase } from './step-case';
import { registerStep } from './work-steps';

/** What is done once the thread is accepted or given up: after it no groove is found again (common practice). */
export function afterSteps(stepCase: StepCase): SheetStep[] {
  const dial = catchesMarks(stepCase.drive) ? 'thread dial out of mesh, ' : '';
  return [
    ...(stepCase.plan.work.register?.made === 'after' ? registerStep(stepCase) : []),
    {
      ...confirm(
        'clean-up',
        'Clean up',
        `Only when the thread is accepted or given up: ${dial}the part out, or turned round. Brush the chips off, wipe the ways.`,
        'Spindle at rest; no fingers in the chips.',
      ),
      when: 'after-cutting',
    },
  ];
}
