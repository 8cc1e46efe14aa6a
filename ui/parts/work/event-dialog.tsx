'use client';

import { catchesMarks } from '@/core/machine/technique/drives';
import { HOLDING_DATA } from '@/core/machine/technique/holdings';
import { useState } from 'react';
import { EVENTS } from '@/core/exercise/record/entry/events';
import type { EventData } from '@/core/exercise/record/entry/events/event-data';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { zerosAnew } from '@/core/exercise/sheet/zeros-anew';
import { Button } from '@/ui/kit/button';
import { Choice } from '@/ui/kit/choice';
import { Dialog } from '@/ui/kit/dialog';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { Select } from '@/ui/kit/select';
import { useSay } from '@/ui/kit/shop-words';
import type { AttemptRecord } from './use-record';

const GROUPS: Record<EventData['group'], string> = {
  drive: 'At the drive',
  zeros: 'Zeros and tool',
  work: 'The work',
  'set-up': 'The set-up',
  'by-hand': 'By hand',
};

const VALUE_LABELS = {
  reading: 'Reading of the first chip',
  speed: 'Speed now',
  crest: 'Crest diameter, if measured',
} as const;

/** What to do now; a readout is not zeroed but set to the figure from which its rows count. */
function thenOn(sheet: Sheet, { then, effect }: EventData): string {
  const readout = sheet.feed.as === 'figure' && effect === 'new-zero';
  return readout ? `${then} For the zero of the feed ${zerosAnew(sheet)}.` : then;
}

/** Something happened: each event with what it asks and what is to be done now. A slip told before harm costs nothing. */
export function EventDialog({
  sheet,
  open,
  onOpenChange,
  add,
}: {
  sheet: Sheet;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  add: AttemptRecord['add'];
}) {
  const say = useSay();
  const [chosen, setChosen] = useState<EventData | null>(null);
  const [fields, setFields] = useState<Record<string, string>>({});
  const [problem, setProblem] = useState<{ field: string; message: string } | null>(null);
  const set = (name: string, value: string) => setFields((before) => ({ ...before, [name]: value }));
  const close = (next: boolean) => {
    onOpenChange(next);
    if (!next) setChosen(null);
  };
  const shown = (event: EventData) =>
    event.only === 'dog'
      ? sheet.way.holding !== 'unknown' && HOLDING_DATA[sheet.way.holding].dog
      : event.only === 'marks'
        ? catchesMarks(sheet.way.drive) || sheet.words.cycles.some(({ drive }) => catchesMarks(drive))
        : true;

  async function record(event: EventData) {
    const added = await add({ kind: 'event', event: event.id, ...fields });
    if (added.ok) {
      setFields({});
      setProblem(null);
      close(false);
      return;
    }
    const [field = ''] = Object.keys(added.fields);
    setProblem({ field, message: added.fields[field] ?? added.message });
  }

  const error = (field: string) => (problem?.field === field ? problem.message : undefined);
  return (
    <Dialog
      open={open}
      onOpenChange={close}
      title={chosen === null ? 'What happened?' : say(chosen.name)}
      description={
        chosen === null
          ? 'A slip that is told before it does harm costs nothing.'
          : say(thenOn(sheet, chosen))
      }
    >
      {chosen === null ? (
        <div className="grid gap-3">
          {(Object.keys(GROUPS) as EventData['group'][]).map((group) => (
            <div key={group} className="grid grid-cols-2 gap-1">
              <span className="label col-span-2 text-ink-soft">{GROUPS[group]}</span>
              {EVENTS.filter((event) => event.group === group && shown(event)).map((event: EventData) => (
                <Button key={event.id} className="justify-start text-left" onClick={() => setChosen(event)}>
                  {say(event.name)}
                </Button>
              ))}
            </div>
          ))}
        </div>
      ) : (
        <div className="grid gap-3">
          {chosen.asks !== undefined && (
            <Choice
              label={chosen.asks}
              value={fields.touched ?? ''}
              error={error('touched')}
              options={[
                { value: 'no', text: 'No' },
                { value: 'yes', text: 'Yes' },
              ]}
              onChange={(value) => set('touched', value)}
            />
          )}
          {chosen.ofStep === true && (
            <Select
              label="Which step"
              value={fields.stepId ?? ''}
              error={error('stepId')}
              options={[
                { value: '', text: 'Choose' },
                ...sheet.steps.map(({ id, title }) => ({ value: id, text: title })),
              ]}
              onChange={(value) => set('stepId', value)}
            />
          )}
          {chosen.value !== undefined && (
            <Field
              label={VALUE_LABELS[chosen.value]}
              unit={
                chosen.value === 'speed'
                  ? 'rpm'
                  : chosen.value === 'reading'
                    ? sheet.lathe.dial.graduation.unit
                    : sheet.thread.unit
              }
              value={fields.value ?? ''}
              error={error('value')}
              onChange={(event) => set('value', event.target.value)}
            />
          )}
          {chosen.effect === 'new-zero' && (
            <Field
              label="How far the depth may be off"
              unit={sheet.thread.unit}
              value={fields.uncertainty ?? ''}
              error={error('uncertainty')}
              note="Empty: not known; nothing is foretold until it is measured or tried."
              onChange={(event) => set('uncertainty', event.target.value)}
            />
          )}
          {chosen.effect === 'new-zero' && (
            <Field
              label="Then moved along the axis by"
              unit={sheet.thread.unit}
              value={fields.along ?? ''}
              error={error('along')}
              note="Only to save the piece. Empty: it stands in its groove."
              onChange={(event) => set('along', event.target.value)}
            />
          )}
          {chosen.effect === 'new-zero' && (fields.along ?? '') !== '' && (
            <Choice
              label="To which side"
              value={fields.alongTo ?? ''}
              error={error('alongTo')}
              options={[
                { value: 'headstock', text: 'Toward the headstock' },
                { value: 'tailstock', text: 'Toward the tailstock' },
              ]}
              onChange={(value) => set('alongTo', value)}
            />
          )}
          <Field
            label="In your words"
            value={fields.said ?? ''}
            error={error('said')}
            onChange={(event) => set('said', event.target.value)}
          />
          {problem !== null &&
            !['touched', 'stepId', 'value', 'uncertainty', 'along', 'alongTo', 'said'].includes(
              problem.field,
            ) && <Message tone="error">{problem.message}</Message>}
          <div className="flex justify-end gap-2">
            <Button onClick={() => setChosen(null)}>Back</Button>
            <Button tone="main" onClick={() => void record(chosen)}>
              Record
            </Button>
          </div>
        </div>
      )}
    </Dialog>
  );
}
