'use client';

import { useState } from 'react';
import { isKind } from '@/core/exercise/record/entry/entry';
import { refigured } from '@/core/exercise/record/entry/refigured';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { formatLength } from '@/core/base/units/format-length';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import type { AttemptRecord } from './use-record';

/** Smaller differences change no graduation of any dial. */
const WORTH: Record<'in' | 'mm', number> = { in: 0.0005, mm: 0.01 };

/** What was measured otherwise than planned before the first cut: one touch figures the passes anew from it. */
export function Refigure({
  sheet,
  prediction,
  canRecord,
  add,
}: {
  sheet: Sheet;
  prediction: Prediction;
  canRecord: boolean;
  add: AttemptRecord['add'];
}) {
  const [problem, setProblem] = useState<string | null>(null);
  const step = prediction.steps.find(({ step: { id } }) => id === 'blank');
  const entry = step?.entry;
  const found = entry !== null && entry !== undefined && isKind('step')(entry) ? entry.content.value : null;
  const { unit } = sheet.thread;
  const figuredFor = prediction.figuredFor;
  if (!canRecord || found === null || prediction.cuts.length > 0) return null;
  if (Math.abs(found - figuredFor) < WORTH[unit]) return null;
  if (refigured(sheet, prediction, { 'work-diameter': found }) === null) return null;
  const show = (value: number) => formatLength({ value, unit });

  async function figureAnew() {
    const added = await add({ kind: 'refigure', what: 'work-diameter', value: String(found) });
    setProblem(added.ok ? null : added.message);
  }

  return (
    <div className="grid max-w-2xl gap-2 border-l-4 border-brass bg-brass-wash p-3">
      <p>
        The {sheet.words.work} measures <strong className="figures">{show(found)}</strong> {unit}; these
        passes are figured for <span className="figures">{show(figuredFor)}</span>.
      </p>
      <div>
        <Button onClick={() => void figureAnew()}>Figure the passes anew</Button>
      </div>
      {problem !== null && <Message tone="error">{problem}</Message>}
    </div>
  );
}
