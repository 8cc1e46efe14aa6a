import { HOLDING_DATA } from '@/core/machine/technique/holdings';
import type { SheetStep } from '../sheet-step';
import type { StepCase } from './step-case';
import { confirm } from './step-makers';

export function holdingStep({ way }: StepCase): SheetStep {
  const { hold, hazardOfStep } = HOLDING_DATA[way.holding];
  return confirm(
    'holding',
    'Holding',
    hold(way.side === 'external', way.end === 'through'),
    hazardOfStep(way.direction),
  );
}
