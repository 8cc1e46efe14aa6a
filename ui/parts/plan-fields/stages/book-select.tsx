'use client';

import { leafOf, type PlanField } from '@/core/exercise/plan/draft';
import { recordOf, type BookRecord } from '@/core/exercise/plan/plan-book';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import { Select } from '@/ui/kit/select';
import { usePlanning } from '../planning-context';

/**
 * Chooses a record of the shop's book: its figures go into the fields, where they can still be typed otherwise, and its
 * words onto the sheet. Nothing stands here where the book has none that serves.
 */
export function BookSelect<D extends { name: string; due?: string | null }>({
  field,
  label,
  records,
  leavesOf,
  says,
}: {
  field: PlanField;
  label: string;
  records: readonly BookRecord<D>[];
  /** What the record says of the other fields, by their names. */
  leavesOf: (document: D) => Record<string, string>;
  says: (record: BookRecord<D>) => string;
}) {
  const { form, values } = usePlanning();
  const number = leafOf(values, field);
  const chosen = recordOf(records, number === '' ? null : Number(number));
  if (records.length === 0 && number === '') return null;
  const set = (name: string, text: string) =>
    form.setValue(name as PlanField, text, { shouldDirty: true, shouldTouch: true });
  const takeOver = (document: D) => {
    for (const [name, text] of Object.entries(leavesOf(document))) set(name, text);
  };
  const differs =
    chosen !== null &&
    Object.entries(leavesOf(chosen.document)).some(([name, text]) => leafOf(values, name).trim() !== text);
  return (
    <div className="grid gap-1">
      <Select
        label={label}
        value={number}
        options={[
          { value: '', text: 'none, as typed below' },
          ...records.map(({ id, document }) => ({ value: String(id), text: `${document.name} (No. ${id})` })),
        ]}
        onChange={(value) => {
          set(field, value);
          const next = recordOf(records, value === '' ? null : Number(value));
          if (next !== null) takeOver(next.document);
        }}
        note={chosen === null ? undefined : says(chosen)}
        warning={
          number !== '' && chosen === null
            ? `No. ${number} is not offered in the shop’s book any more.`
            : chosen !== null && isOver(chosen.document.due ?? null)
              ? `${says(chosen)}: it is due for calibration.`
              : undefined
        }
      />
      {differs && (
        <Message tone="note">
          The fields below say otherwise than the book.{' '}
          <Button tone="quiet" onClick={() => takeOver(chosen.document)}>
            As in the book
          </Button>
        </Message>
      )}
    </div>
  );
}

/** Whether a day, `2027-05-01`, is past. */
const isOver = (day: string | null) => day !== null && day < new Date().toISOString().slice(0, 10);
