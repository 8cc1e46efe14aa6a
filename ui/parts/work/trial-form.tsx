'use client';

import { useState } from 'react';
import { capital } from '@/core/measuring/gauging/measuring-words';
import { NUT_ANSWERS, NUT_ANSWER_WORDS } from '@/core/measuring/nut/nut-answer';
import type { Sheet, SheetProof } from '@/core/exercise/sheet/sheet';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { Tick } from '@/ui/kit/tick';
import { useKept } from '@/ui/shell/kept';
import { AnswerButtons } from './answer-buttons';
import type { AttemptRecord } from './use-record';

/** A nut or another piece on the fit scale: one touch of the answer; the crest beside it where it was measured. */
export function TrialForm({
  sheet,
  evidence,
  stopId,
  purpose,
  add,
  onDone,
}: {
  sheet: Sheet;
  evidence: SheetProof | undefined;
  stopId: string | null;
  purpose: 'mid' | 'final';
  add: AttemptRecord['add'];
  onDone?: () => void;
}) {
  const id = evidence?.id ?? 'nut';
  const [crest, setCrest] = useKept(`crest-${id}`, '');
  const [both, setBoth] = useState(false);
  const [shoulder, setShoulder] = useState<'yes' | 'no' | ''>('');
  const [problem, setProblem] = useState<string | undefined>();

  async function answer(given: string) {
    const added = await add({
      kind: 'trial',
      evidenceId: id,
      purpose,
      answer: given,
      crest,
      end: both ? 'both' : 'one',
      toShoulder: shoulder,
      ...(stopId === null ? {} : { stopId }),
    });
    setProblem(added.ok ? undefined : (added.fields.crest ?? added.message));
    if (!added.ok) return;
    setCrest('');
    onDone?.();
  }

  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-end gap-3">
        <Field
          className="max-w-60"
          label={`${capital(sheet.words.crest)}, if measured`}
          unit={sheet.thread.unit}
          inputMode="decimal"
          value={crest}
          onChange={(event) => setCrest(event.target.value)}
        />
        {evidence?.bothEnds === true && (
          <Tick size="bench" label="from both ends" on={both} onSet={setBoth} />
        )}
        {evidence?.toShoulder === true && (
          <Tick
            size="bench"
            label="reaches the shoulder"
            on={shoulder === 'yes'}
            onSet={(on) => setShoulder(on ? 'yes' : 'no')}
          />
        )}
      </div>
      {problem !== undefined && <Message tone="error">{problem}</Message>}
      <AnswerButtons
        label={purpose === 'final' ? 'How it goes, final' : 'How it goes'}
        answers={NUT_ANSWERS.map((each) => ({ id: each, text: NUT_ANSWER_WORDS[each] }))}
        onAnswer={(given) => void answer(given)}
      />
    </div>
  );
}
