'use client';

import { useState } from 'react';
import { FAULTS, faultData, type FaultId } from '@/core/cutting/fault/faults';
import { profileOfPuzzle, type PuzzleMark, type PuzzleSeen } from '@/core/cutting/fault/puzzle';
import { ThreadRun } from '@/ui/drawing/thread-run';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import { Header } from '@/ui/shell/header';
import { send } from '@/ui/shell/send';
import { EvidencePanel } from '@/ui/parts/thread/evidence-panel';

export interface SpotViewProps extends PuzzleSeen {
  who: { name: string; role: string };
}

/** One thread with a fault: look, weigh what was found, name it. The mark comes at once. */
export function SpotView({ id, puzzle, answered, solution, who }: SpotViewProps) {
  const [done, setDone] = useState(answered);
  return (
    <div className="grid h-dvh min-h-[40rem] grid-rows-[auto_minmax(0,1fr)]">
      <Header who={who} title={`Spot the fault: ${puzzle.title}`} />
      <main className="grid min-h-0 grid-cols-[minmax(0,1fr)_22rem]">
        <div className="grid min-h-0 grid-rows-[minmax(0,1fr)_auto]">
          <ThreadRun
            profile={profileOfPuzzle(puzzle)}
            planned={null}
            side={puzzle.side}
            unit={puzzle.unit}
            length={puzzle.length}
            depth={puzzle.depth}
            title={`A ${puzzle.thread} as it came off the lathe`}
            description="One thing went wrong."
          />
          <section aria-label="What was found" className="border-t border-rule bg-paper-raised p-4">
            <h2 className="mb-1 text-lg">What was found on it</h2>
            <EvidencePanel
              evidence={puzzle.evidence}
              held={puzzle.held}
              side={puzzle.side}
              unit={puzzle.unit}
            />
          </section>
        </div>
        <section
          aria-label="Answer"
          className="grid min-h-0 content-start gap-3 overflow-y-auto border-l border-rule p-4"
        >
          {solution !== null ? (
            <Solution solution={solution} />
          ) : done !== null ? (
            <Marked answer={done.answer} mark={done.mark} />
          ) : (
            <Naming id={id} points={puzzle.points} onDone={setDone} />
          )}
        </section>
      </main>
    </div>
  );
}

function Naming({
  id,
  points,
  onDone,
}: {
  id: number;
  points: number;
  onDone: (done: { answer: FaultId; mark: PuzzleMark }) => void;
}) {
  const [chosen, setChosen] = useState<FaultId | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [sending, setSending] = useState(false);

  async function answer() {
    if (chosen === null) return;
    setSending(true);
    const sent = await send<PuzzleMark>('POST', `/api/puzzles/${id}/answer`, { answer: chosen });
    setSending(false);
    if (sent.ok) onDone({ answer: chosen, mark: sent.value });
    else setProblem(sent.message);
  }
  return (
    <>
      <h2 className="text-xl">One thing went wrong. Which?</h2>
      <fieldset className="grid">
        <legend className="sr-only">The fault</legend>
        {FAULTS.map(({ id: fault, name }) => (
          <label key={fault} className="flex min-h-8 items-center gap-2 tablet:min-h-12">
            <input
              type="radio"
              name="fault"
              className="size-4.5 accent-dye"
              checked={chosen === fault}
              onChange={() => setChosen(fault)}
            />
            {name}
          </label>
        ))}
      </fieldset>
      {problem !== null && <Message tone="error">{problem}</Message>}
      <Button tone="main" disabled={chosen === null || sending} onClick={() => void answer()}>
        This is it
      </Button>
      <p className="text-sm text-ink-soft">{`You answer once, for ${points} points.`}</p>
    </>
  );
}

function Marked({ answer, mark }: { answer: FaultId; mark: PuzzleMark }) {
  return (
    <div role="status" className="grid gap-2">
      <h2 className={`text-2xl ${mark.right ? 'text-go' : 'text-nogo'}`}>
        {mark.right ? '● Right' : '⊘ Not this'} <span className="figures">· {mark.points} points</span>
      </h2>
      <p>{`You said: ${faultData(answer).name}.`}</p>
      <p>{`It was: ${mark.says}`}</p>
    </div>
  );
}

function Solution({ solution }: { solution: NonNullable<SpotViewProps['solution']> }) {
  return (
    <>
      <h2 className="text-xl">{solution.says}</h2>
      {solution.answers.length === 0 ? (
        <p className="text-ink-soft">
          Nobody has answered yet. Students of the class find it on their board.
        </p>
      ) : (
        <table className="w-full text-sm">
          <caption className="sr-only">Answers</caption>
          <thead>
            <tr>
              {['Student', 'Said', 'Points'].map((head) => (
                <th key={head} scope="col" className="label py-1 text-left text-ink-soft">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {solution.answers.map(({ name, answer, points }) => (
              <tr key={name} className="border-t border-rule">
                <td className="py-1 pr-2">{name}</td>
                <td className="pr-2">{faultData(answer).name}</td>
                <td className={`figures ${points > 0 ? 'text-go' : 'text-nogo'}`}>
                  {points > 0 ? '●' : '⊘'} {points}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}
