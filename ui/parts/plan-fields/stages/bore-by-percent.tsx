'use client';

import { useState } from 'react';
import { boreForPercent, type PercentBasis } from '@/core/thread/bore/bore';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf } from '@/core/thread/standards/thread';
import { formatLength } from '@/core/base/units/format-length';
import { parseFigures } from '@/core/base/units/parse-length';
import { Button } from '@/ui/kit/button';
import { Choice } from '@/ui/kit/choice';
import { Field } from '@/ui/kit/field';
import { usePlanning } from '../planning-context';

const BASES: readonly { value: PercentBasis; text: string }[] = [
  { value: 'basic', text: 'of basic height' },
  { value: 'full', text: 'of 0.6495 P' },
];
/** Share of the 0.6495 P height that the taught bore D − 1.0262 / n leaves; common practice. */
const TAUGHT_PERCENT = '79';

/** The bore by a percentage of thread, on the basis that is named; one touch takes it for the bore. */
export function BoreByPercent() {
  const { form, read } = usePlanning();
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<PercentBasis>('full');
  const { thread, limits } = read.evaluation;
  if (thread === null || limits?.side !== 'internal') return null;
  const { unit } = thread;
  const threadForm = formOf(thread);
  const basis: PercentBasis = threadForm.fullDoubleHeight === null ? 'basic' : chosen;
  const percent = readPercent(text);
  const bore =
    percent.value === null
      ? null
      : boreForPercent(threadForm, thread.nominalDiameter, pitchOf(thread), percent.value, basis);
  const figures = bore === null ? null : formatLength({ value: bore, unit });
  const outside = bore !== null && (bore < limits.minor.min - 1e-9 || bore > limits.minor.max + 1e-9);
  return (
    <div className="grid gap-2 border-t border-rule pt-2">
      <Field
        label="Bore by percent of thread"
        unit="%"
        placeholder={threadForm.fullDoubleHeight === null ? undefined : TAUGHT_PERCENT}
        value={text}
        error={percent.problem}
        warning={outside ? `${figures} ${unit} is outside of the minor limits.` : undefined}
        note={
          threadForm.fullDoubleHeight === null
            ? undefined
            : `The taught D − 1.0262 P is ${TAUGHT_PERCENT} % of 0.6495 P.`
        }
        onChange={(event) => setText(event.target.value)}
      />
      {threadForm.fullDoubleHeight !== null && (
        <Choice
          label="Percent"
          value={basis}
          options={BASES}
          stacked
          onChange={(value) => setChosen(value as PercentBasis)}
        />
      )}
      {figures !== null && (
        <Button
          onClick={() => form.setValue('work.diameter', figures, { shouldDirty: true, shouldTouch: true })}
        >
          Take {figures} {unit}
        </Button>
      )}
    </div>
  );
}

function readPercent(text: string): { value: number | null; problem?: string | undefined } {
  const typed = text.trim().replace(/\s*%$/, '');
  if (typed === '') return { value: null };
  const read = parseFigures('percent', typed);
  if (!read.ok) return { value: null, problem: read.issues[0]?.message };
  return read.value >= 20 && read.value <= 110
    ? { value: read.value }
    : { value: null, problem: 'Type a percentage from 20 to 110.' };
}
