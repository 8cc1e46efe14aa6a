'use client';

import { PlanChoice } from '../plan-field';

/** A thread of several starts: in which order they are cut. */
export function StartsOrder({ starts }: { starts: number }) {
  return (
    <PlanChoice
      field="thread.startsOrder"
      label={`${starts} starts`}
      stacked
      options={[
        { value: 'start-by-start', text: 'all passes of a start, then the next' },
        { value: 'depth-by-depth', text: 'all starts at each depth' },
      ]}
    />
  );
}
