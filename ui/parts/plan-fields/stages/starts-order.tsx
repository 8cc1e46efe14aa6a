'use client';

import { PlanChoice } from '../plan-field';
import { usePlanning } from '../planning-context';

/** A thread of several starts: in which order they are cut, and how the next one is found. */
export function StartsOrder({ starts }: { starts: number }) {
  const { read } = usePlanning();
  return (
    <>
      <PlanChoice
        field="thread.startsOrder"
        label={`${starts} starts`}
        stacked
        options={[
          { value: 'start-by-start', text: 'all passes of a start, then the next' },
          { value: 'depth-by-depth', text: 'all starts at each depth' },
        ]}
      />
      <PlanChoice
        field="thread.startsBy"
        label="The next start is found by"
        stacked
        proposed={read.inputs.chosen?.startsBy ?? undefined}
        options={[
          { value: 'thread-dial', text: 'another dial mark' },
          { value: 'compound', text: 'the compound, one pitch along the bed' },
          { value: 'spindle', text: 'turning the spindle against the gears' },
        ]}
      />
    </>
  );
}
