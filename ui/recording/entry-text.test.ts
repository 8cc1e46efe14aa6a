import type { EntryContent } from '@/core/attempt';
import { planFor, recordOf } from '@/core/test/record';
import { entryText } from './entry-text';

const derived = planFor({});

test.each([
  [{ kind: 'step', stepId: 'blank', value: 0.744 }, 'Blank', '0.7440 in'],
  [{ kind: 'step', stepId: 'travel', value: null }, 'Travel', 'done'],
  [
    { kind: 'pass', plannedPass: 3, reading: 0.119, asPlanned: false },
    'Pass 3',
    'dial 1 turn + 0.019 in, own reading',
  ],
  [
    {
      kind: 'measurement',
      purpose: 'final',
      wire: { value: 0.03608, unit: 'in' },
      overWires: { start: 0.7596, middle: null, end: 0.7594 },
      crest: 0.7439,
    },
    'Final measurement',
    'over wires start 0.7596, end 0.7594; major diameter 0.7439 in',
  ],
  [{ kind: 'hand-in' }, 'Handed in', 'for marking'],
] as [EntryContent, string, string][])('%o', (content, title, detail) => {
  const entry = recordOf([content])[0];
  expect(entry && entryText(entry, derived)).toEqual({ title, detail });
});
