'use client';

import { EMPTY_STOP } from '@/core/exercise/plan/draft';
import { holdChoice } from '@/core/exercise/plan/hold-choice';
import { stopData } from '@/core/machine/stops/stops';
import { Button } from '@/ui/kit/button';
import { PlanFold } from '../plan-fold';
import { PlanCheck, PlanSelect, PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { STOP_OPTIONS } from './option-texts';
import { RowButtons } from './row-buttons';
import { useList } from './use-list';

const HOLD_OPTIONS = [
  { value: '', text: 'none' },
  { value: 'yes', text: 'the instructor signs' },
  { value: 'helper', text: 'a helper may sign too' },
];

/** The stops between the cuts: as proposed, or the instructor's own. */
export function StopsFields() {
  const { read } = usePlanning();
  const { rows, set, add, remove, move } = useList('schedule.stops');
  const { stops } = read.evaluation;
  const words = stops
    .map(({ check, after }) => `${stopData(check)?.name.toLowerCase() ?? check} after ${after}`)
    .join(', ');
  const asForm = () =>
    stops.map(({ check, after, onward, hold, helper }) => ({
      ...EMPTY_STOP,
      check,
      after: String(after),
      onward: onward ? 'yes' : '',
      hold: holdChoice({ hold, helper }),
    }));
  return (
    <PlanFold title="Stops" holds={['schedule.stops']} result={words === '' ? 'none' : words}>
      {rows.length === 0 ? (
        <>
          <p className="text-sm text-ink-soft">Proposed: {words === '' ? 'none' : words}.</p>
          <Button onClick={() => set(stops.length === 0 ? [{ ...EMPTY_STOP, check: 'look' }] : asForm())}>
            Arrange them
          </Button>
        </>
      ) : (
        <>
          {rows.map((_, index) => (
            <div key={index} className="grid gap-1 border-l-4 border-rule-strong pl-2">
              <PlanSelect
                field={`schedule.stops.${index}.check`}
                label={`Stop ${index + 1}`}
                options={STOP_OPTIONS}
              />
              <div className="flex items-end justify-between gap-2">
                <PlanTextField field={`schedule.stops.${index}.after`} label="after cut" />
                <RowButtons
                  name={`stop ${index + 1}`}
                  first={index === 0}
                  last={index === rows.length - 1}
                  onMove={(by) => move(index, index + by)}
                  onRemove={() => remove(index)}
                />
              </div>
              <PlanCheck field={`schedule.stops.${index}.onward`} label="and after every cut from there" />
              <PlanSelect field={`schedule.stops.${index}.hold`} label="Hold point" options={HOLD_OPTIONS} />
            </div>
          ))}
          <div className="grid grid-cols-2 gap-2">
            <Button onClick={() => add({ ...EMPTY_STOP, check: 'look' })}>Add a stop</Button>
            <Button tone="quiet" onClick={() => set([])}>
              As proposed
            </Button>
          </div>
        </>
      )}
    </PlanFold>
  );
}
