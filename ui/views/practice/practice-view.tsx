'use client';

import { useMemo, useState } from 'react';
import { practiceSheet } from '@/core/exercise/practice/practice-sheet';
import type { WorksheetShown } from '@/core/exercise/record/state/worksheet-progress';
import { PRACTICE_SERIES, type PracticeSeries } from '@/core/thread/standards/series-threads';
import type { Side } from '@/core/thread/standards/thread';
import { judgeAnswer, readAnswer } from '@/core/learning/worksheet/judge-answer';
import { putQuestion } from '@/core/learning/worksheet/question';
import { Button } from '@/ui/kit/button';
import { Choice } from '@/ui/kit/choice';
import { Select } from '@/ui/kit/select';
import { Header } from '@/ui/shell/header';
import { KeptUnder } from '@/ui/shell/kept';
import { WorksheetPanel } from '@/ui/parts/worksheet/worksheet-panel';

type Tries = Record<string, { answer: string; told: boolean }[]>;

/** Practice of the arithmetic on any thread of a series, with other numbers each time; nothing is recorded. */
export function PracticeView({
  who,
  seed: first,
}: {
  who: { name: string; role: string };
  /** Of the first sheet; the server's, so that both sides show the same. */
  seed: number;
}) {
  const [series, setSeries] = useState<PracticeSeries>('metric-fine');
  const [side, setSide] = useState<Side>('external');
  const [seed, setSeed] = useState(first);
  const [tries, setTries] = useState<Tries>({});
  const sheet = useMemo(() => practiceSheet(series, side, seed), [series, side, seed]);
  const anew = (change: () => void) => {
    change();
    setTries({});
  };
  const worksheet: WorksheetShown = useMemo(() => {
    const questions = sheet.questions.map((question) => {
      const own = tries[question.id] ?? [];
      const judged = own
        .filter(({ told }) => !told)
        .map(({ answer }) => ({ answer, ...judgeAnswer(question, sheet.slipCase, answer) }));
      const found = judged.some(({ right }) => right);
      const told = own.some((each) => each.told);
      return {
        ...putQuestion(question),
        tries: judged,
        found,
        right:
          found || told
            ? `${(question.expected ?? 0).toFixed(question.decimals)}${question.unit === '°' ? '°' : ` ${question.unit ?? ''}`}`
            : null,
      };
    });
    return { open: questions.every(({ right }) => right !== null), questions };
  }, [sheet, tries]);
  const found = worksheet.questions.filter((question) => question.found).length;

  return (
    <div className="grid h-dvh min-h-[40rem] grid-rows-[auto_auto_minmax(0,1fr)]">
      <Header who={who} title="Practise the arithmetic" />
      <section
        aria-label="Thread to practise"
        className="flex flex-wrap items-end gap-4 bg-dye px-4 py-3 text-scribe"
      >
        <p className="mr-4">
          <span className="label block text-scribe-dim">Thread</span>
          <strong className="figures text-2xl font-medium">{sheet.designation}</strong>
        </p>
        <p className="mr-auto">
          <span className="label block text-scribe-dim">Found</span>
          <span className="figures text-2xl">
            {found} of {worksheet.questions.length}
          </span>
        </p>
        <div className="flex flex-wrap items-end gap-3 bg-paper p-2 text-ink">
          <Select
            label="Series"
            value={series}
            options={PRACTICE_SERIES.map(({ id, title }) => ({ value: id, text: title }))}
            onChange={(value) => anew(() => setSeries(value as PracticeSeries))}
          />
          <Choice
            label="Thread of"
            value={side}
            options={[
              { value: 'external', text: 'a screw' },
              { value: 'internal', text: 'a nut' },
            ]}
            onChange={(value) => anew(() => setSide(value as Side))}
          />
          <Button onClick={() => anew(() => setSeed(seed + 1))}>Other numbers</Button>
        </div>
      </section>
      <main className="min-h-0 bg-paper-raised">
        <KeptUnder key={`${series}-${side}-${seed}`} name={`practice-${series}-${side}-${seed}`}>
          <WorksheetPanel
            worksheet={worksheet}
            canAnswer
            answer={(id, answer, told = false) => {
              const question = sheet.questions.find((each) => each.id === id);
              const problem = question === undefined || told ? null : readAnswer(question, answer);
              if (problem === null)
                setTries((before) => ({ ...before, [id]: [...(before[id] ?? []), { answer, told }] }));
              return Promise.resolve(problem);
            }}
          />
        </KeptUnder>
      </main>
    </div>
  );
}
