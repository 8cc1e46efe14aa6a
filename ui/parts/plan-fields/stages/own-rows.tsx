'use client';

import { EMPTY_ROW, type PlanForm } from '@/core/exercise/plan/draft';
import { REAL_DRIVES } from '@/core/machine/technique/drives';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import { PlanSelect, PlanTextField } from '../plan-field';
import { useFieldMessage, usePlanning } from '../planning-context';
import { driveText, STOP_OPTIONS } from './option-texts';
import { RowButtons } from './row-buttons';
import { useList } from './use-list';
import { useUnits } from './use-units';

const KINDS = [
  { value: 'scratch', text: 'Scratch' },
  { value: 'rough', text: 'Rough' },
  { value: 'finish', text: 'Finish' },
  { value: 'spring', text: 'Spring' },
];

/** The instructor's own table: cuts and stops in one ordered list. */
export function OwnRows() {
  const { thread: unit } = useUnits();
  const { rows, add, remove, move, set } = useList('schedule.rows');
  const { read } = usePlanning();
  const message = useFieldMessage('schedule.rows');
  return (
    <div className="grid gap-2">
      {rows.map((row, index) => {
        const cut = rows.slice(0, index + 1).filter(({ what }) => what === 'cut').length;
        const name = row.what === 'cut' ? `cut ${cut}` : `stop in row ${index + 1}`;
        return (
          <div key={index} className="grid gap-1 border-l-4 border-rule-strong pl-2">
            {row.what === 'cut' ? (
              <div className="grid grid-cols-2 items-start gap-1">
                <PlanSelect
                  field={`schedule.rows.${index}.kind`}
                  label={`Cut ${cut}`}
                  proposed="rough"
                  options={KINDS}
                />
                {row.kind !== 'spring' && (
                  <PlanTextField field={`schedule.rows.${index}.infeed`} label="Infeed" unit={unit} />
                )}
              </div>
            ) : (
              <PlanSelect field={`schedule.rows.${index}.check`} label="Stop" options={STOP_OPTIONS} />
            )}
            <div className="grid gap-1">
              {row.what === 'cut' ? (
                <PlanSelect
                  field={`schedule.rows.${index}.drive`}
                  label="Driven"
                  options={[
                    { value: '', text: index === 0 ? 'As planned' : 'As before' },
                    ...REAL_DRIVES.map((value) => ({ value, text: driveText(value) })),
                  ]}
                />
              ) : null}
              <div className="justify-self-end">
                <RowButtons
                  name={name}
                  first={index === 0}
                  last={index === rows.length - 1}
                  onMove={(by) => move(index, index + by)}
                  onRemove={() => remove(index)}
                />
              </div>
            </div>
          </div>
        );
      })}
      {message.error !== undefined && <Message tone="error">{message.error}</Message>}
      {message.note !== undefined && <Message tone="note">{message.note}</Message>}
      <div className="grid grid-cols-2 gap-2">
        <Button onClick={() => add({ ...EMPTY_ROW, kind: rows.length === 0 ? 'scratch' : 'rough' })}>
          Add a cut
        </Button>
        <Button onClick={() => add({ ...EMPTY_ROW, what: 'stop', check: 'look' })}>Add a stop</Button>
        {rows.length === 0 && (
          <Button tone="quiet" onClick={() => set(proposedTable(read.evaluation, unit))}>
            Begin with the proposal
          </Button>
        )}
      </div>
    </div>
  );
}

/** A table to begin with: the usual bites of this thread. */
function proposedTable(
  { proposedInfeed, feed }: ReturnType<typeof usePlanning>['read']['evaluation'],
  unit: string,
): PlanForm['schedule']['rows'] {
  const infeed = proposedInfeed?.steps.value ?? 0;
  const count = infeed === 0 || feed === null ? 5 : Math.min(60, Math.floor((0.9 * feed) / infeed));
  const text = `${infeed} ${unit}`;
  return Array.from({ length: count }, () => ({ ...EMPTY_ROW, kind: 'rough', infeed: text }));
}
