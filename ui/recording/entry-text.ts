import { PLACES, type Entry } from '@/core/attempt';
import { MEASURING_WORDS } from '@/core/gauging';
import type { DerivedPlan } from '@/core/plan';
import { setupSteps, showStepValue } from '@/core/steps';
import { formatLength } from '@/core/units';
import { dialText } from '../units/dial-text';

/** One line of the record in words. */
export function entryText({ content }: Entry, derived: DerivedPlan): { title: string; detail: string } {
  const unit = derived.thread.unit;
  const show = (value: number) => formatLength({ value, unit });
  switch (content.kind) {
    case 'step': {
      const step = setupSteps(derived).find(({ id }) => id === content.stepId);
      const value =
        content.value === null || step === undefined || step.expected === null
          ? 'done'
          : showStepValue(content.value, step.expected.unit);
      return { title: step?.title ?? content.stepId, detail: value };
    }
    case 'sign-off':
      return { title: 'Instructor looked', detail: 'signed off' };
    case 'pass': {
      const { dial } = derived.plan;
      const reading = dialText({ value: content.reading, unit: dial.graduation.unit }, dial.perTurn);
      return {
        title: `Pass ${content.plannedPass}`,
        detail: `dial ${reading} ${dial.graduation.unit}${content.asPlanned ? '' : ', own reading'}`,
      };
    }
    case 'measurement': {
      const over = PLACES.flatMap((place) => {
        const value = content.overWires[place];
        return value === null ? [] : [`${place} ${show(value)}`];
      }).join(', ');
      const words = MEASURING_WORDS[derived.thread.side];
      const crest = content.crest === null ? '' : `; ${words.crest} ${show(content.crest)}`;
      return {
        title: content.purpose === 'final' ? 'Final measurement' : 'Measured',
        detail: `${words.over} ${over}${crest} ${unit}`,
      };
    }
    case 'note':
      return { title: 'Note', detail: content.text };
    case 'strike':
      return { title: 'Struck out', detail: content.reason };
    case 'hand-in':
      return { title: 'Handed in', detail: 'for marking' };
  }
}
