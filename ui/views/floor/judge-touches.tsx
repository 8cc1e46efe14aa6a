'use client';

import { useState } from 'react';
import type { ToJudge } from '@/core/exercise/marking/judged-for';
import { QUESTIONS } from '@/core/exercise/record/entry/judged';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Select } from '@/ui/kit/select';
import { Touches } from './touches';

/** One subject with its levels; of the question the words that were asked. */
export function JudgeTouches({
  toJudge: { subject, title, asks, levels, counts },
  sheet,
  level,
  onLevel,
}: {
  toJudge: ToJudge;
  sheet: Sheet;
  level: number | null;
  onLevel: (level: number, asked: string) => void;
}) {
  const questions = QUESTIONS.filter(
    ({ only }) =>
      only === undefined ||
      (only === 'compound' ? sheet.feed.slide === 'compound' : sheet.dial.marks.length > 0),
  );
  const [question, setQuestion] = useState(questions[0]?.text ?? '');
  return (
    <div className="grid gap-2">
      {subject === 'ask' && (
        <Select
          label="Question"
          value={question}
          options={questions.map(({ text }) => ({ value: text, text }))}
          onChange={setQuestion}
        />
      )}
      <Touches
        label={title}
        hint={counts ? asks : `${asks}; noted, no points`}
        options={levels.map((text, at) => ({ id: String(at), text }))}
        chosen={level === null ? null : String(level)}
        onChoose={(at) => onLevel(Number(at), subject === 'ask' ? question : '')}
      />
    </div>
  );
}
