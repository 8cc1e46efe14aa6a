'use client';

import { useState } from 'react';
import type { WorksheetShown } from '@/core/exercise/record/state/worksheet-progress';
import { joinedOptions } from '@/core/learning/worksheet/judge-answer';
import { TRIES_BEFORE_TOLD } from '@/core/learning/worksheet/asks';
import { Button } from '@/ui/kit/button';
import { Keypad } from '@/ui/kit/keypad';
import { Message } from '@/ui/kit/message';
import { StageRail } from '@/ui/kit/stage-rail';
import { Tick } from '@/ui/kit/tick';
import { useKept } from '@/ui/shell/kept';
import { useSay } from '@/ui/kit/shop-words';
import { OrderPicker } from './order-picker';

type Shown = WorksheetShown['questions'][number];

/** Answers a question; gives what was wrong with it, or null when it was taken. */
export type Answer = (question: string, answer: string, told?: boolean) => Promise<string | null>;

/** The worksheet, one question at a time: what it follows from, the answer, and what was said of the tries. */
export function WorksheetPanel({
  worksheet: { questions },
  canAnswer,
  answer,
}: {
  worksheet: WorksheetShown;
  canAnswer: boolean;
  answer: Answer;
}) {
  /** What is found leads on to the next; what is not found stays, with what was said of it. */
  const [chosen, setChosen] = useState<{ id: string; untilFound: boolean } | null>(null);
  const present =
    questions.find(({ id, right }) => id === chosen?.id && !(chosen.untilFound && right !== null)) ??
    questions.find(({ right }) => right === null) ??
    questions[0];
  if (present === undefined) return null;
  return (
    <div className="grid min-h-0 grid-cols-[15rem_minmax(0,1fr)] tablet:grid-cols-[13rem_minmax(0,1fr)]">
      <StageRail
        label="Questions of the worksheet"
        stages={questions.map(({ id, title, right, found, tries }) => ({
          id,
          title,
          result: found ? 'found' : right !== null ? 'told' : tries.length === 0 ? 'open' : 'try again',
          standing: found ? ('good' as const) : right !== null ? ('attend' as const) : ('open' as const),
        }))}
        chosen={present.id}
        onChoose={(id) => setChosen({ id, untilFound: false })}
      />
      <Question
        key={present.id}
        question={present}
        canAnswer={canAnswer && present.right === null}
        answer={async (text, told) => {
          const problem = await answer(present.id, text, told);
          if (problem === null) setChosen({ id: present.id, untilFound: true });
          return problem;
        }}
      />
    </div>
  );
}

function Question({
  question,
  canAnswer,
  answer,
}: {
  question: Shown;
  canAnswer: boolean;
  answer: (text: string, told?: boolean) => Promise<string | null>;
}) {
  const say = useSay();
  const [typed, setTyped] = useKept(`worksheet-${question.id}`, '');
  const [problem, setProblem] = useState<string | null>(null);
  const { kind, title, givens, unit, options, tries, right } = question;
  const last = tries.at(-1);

  async function give(text: string, told = false) {
    const found = await answer(text, told);
    setProblem(found);
    if (found === null) setTyped('');
  }

  return (
    <section aria-label={title} className="grid content-start gap-4 overflow-y-auto p-6 tablet:p-5">
      <h2 className="text-4xl">{say(title)}</h2>
      {givens.length > 0 && (
        <dl className="grid max-w-xl grid-cols-[auto_1fr] gap-x-6 gap-y-1 text-lg">
          {givens.map(({ name, value }) => (
            <div key={name} className="contents">
              <dt className="text-ink-soft">{say(name)}</dt>
              <dd className="figures">{value}</dd>
            </div>
          ))}
        </dl>
      )}
      {last !== undefined && !last.right && right === null && (
        <div className="border-l-8 border-brass bg-brass-wash p-3 text-xl">
          <p>
            <span className="figures">{last.answer}</span>
            {unit === null ? '' : ` ${unit}`} is not right.
          </p>
          <p>{say(last.says)}</p>
        </div>
      )}
      {right !== null && (
        <p className="border-l-8 border-go bg-go-wash p-3 text-xl">
          {question.found ? 'Found: ' : 'Told: '}
          <strong className="figures font-medium">{right}</strong>
        </p>
      )}
      {canAnswer && kind === 'figure' && (
        <form
          className="grid max-w-xl grid-cols-[1fr_14rem] items-start gap-4"
          onSubmit={(event) => {
            event.preventDefault();
            void give(typed);
          }}
        >
          <div className="grid gap-3">
            <label className="grid gap-1">
              <span className="label text-ink-soft">Your answer</span>
              <span className="flex items-baseline gap-2">
                <input
                  autoFocus
                  aria-label="Your answer"
                  value={typed}
                  inputMode="decimal"
                  autoComplete="off"
                  onChange={(event) => setTyped(event.target.value)}
                  className="figures min-h-16 w-full min-w-0 rounded-cut border-2 border-rule-strong bg-paper-raised px-3 text-4xl"
                />
                <span className="text-2xl text-ink-soft">{unit}</span>
              </span>
            </label>
            {problem !== null && <Message tone="error">{problem}</Message>}
            <Button type="submit" tone="main" size="bench" className="min-h-16">
              Check it
            </Button>
          </div>
          <Keypad
            label="Answer"
            point="."
            onKey={(key) => setTyped(typed + key)}
            onBack={() => setTyped(typed.slice(0, -1))}
          />
        </form>
      )}
      {canAnswer && kind === 'order' && (
        <OrderPicker choices={options} onDone={(order) => void give(order.split(/\s*;\s*/).join('; '))} />
      )}
      {canAnswer && (kind === 'marks' || kind === 'safe') && (
        <Chosen kind={kind} options={options} onDone={(all) => void give(joinedOptions(all))} />
      )}
      {kind !== 'figure' && problem !== null && <Message tone="error">{problem}</Message>}
      {canAnswer && tries.length >= TRIES_BEFORE_TOLD && (
        <div>
          <Button size="bench" tone="quiet" onClick={() => void give('', true)}>
            Tell me: this question then earns nothing
          </Button>
        </div>
      )}
    </section>
  );
}

function Chosen({
  kind,
  options,
  onDone,
}: {
  kind: 'marks' | 'safe';
  options: readonly string[];
  onDone: (chosen: string[]) => void;
}) {
  const [chosen, setChosen] = useState<readonly string[]>([]);
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        onDone(options.filter((each) => chosen.includes(each)));
      }}
    >
      <fieldset className={kind === 'marks' ? 'flex flex-wrap gap-x-6' : 'grid'}>
        <legend className="label text-ink-soft">
          {kind === 'marks' ? 'At which dial marks may the half nut close?' : 'Which of these are safe?'}
        </legend>
        {options.map((each) => (
          <Tick
            key={each}
            size="bench"
            label={each}
            on={chosen.includes(each)}
            onSet={(on) => setChosen(on ? [...chosen, each] : chosen.filter((other) => other !== each))}
          />
        ))}
      </fieldset>
      <div>
        <Button type="submit" tone="main" size="bench" className="min-h-16">
          Check it
        </Button>
      </div>
    </form>
  );
}
