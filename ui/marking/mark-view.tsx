'use client';

import { format } from 'date-fns';
import Link from 'next/link';
import { Fragment, useMemo, useState } from 'react';
import type { Entry } from '@/core/attempt';
import {
  MARK_SECTIONS,
  proposeMark,
  type ConfirmedMark,
  type MarkLine,
  type MarkSection,
} from '@/core/marking';
import { derivePlan, type Plan } from '@/core/plan';
import { Button, buttonClass } from '../kit/button';
import { Dialog } from '../kit/dialog';
import { Field } from '../kit/field';
import { RuledTable } from '../kit/ruled-table';
import { Message } from '../kit/message';
import { StandingMark } from '../kit/state-mark';
import { useToast } from '../kit/toast';
import { RecordList } from '../recording/record-list';
import { Header } from '../shell/header';
import { KeptUnder, useKept } from '../shell/kept';
import { send } from '../shell/send';
import { useRefresh } from '../shell/use-refresh';

export interface MarkViewProps {
  attemptId: number;
  plan: Plan;
  student: string;
  tryNumber: number;
  entries: Entry[];
  mark: { mark: ConfirmedMark; by: string; at: string } | null;
  who: { name: string; role: 'instructor' | 'student' };
}

const SECTION_WORDS: Record<MarkSection, string> = { 'set-up': 'Set-up', passes: 'Passes', result: 'Result' };

type Override = { points: string; reason: string };

/** The proposed mark line by line, each with its reason and evidence; the instructor confirms or overrides. */
export function MarkView(props: MarkViewProps) {
  return (
    <KeptUnder name={`mark-${props.attemptId}`}>
      <MarkSheet {...props} />
    </KeptUnder>
  );
}

function MarkSheet({ attemptId, plan, student, tryNumber, entries, mark, who }: MarkViewProps) {
  const refresh = useRefresh();
  const say = useToast();
  const derived = useMemo(() => derivePlan(plan), [plan]);
  const proposal = useMemo(() => proposeMark(derived, entries), [derived, entries]);
  const [overrides, setOverrides] = useKept<Record<string, Override>>('overrides', {});
  const [comment, setComment] = useKept('comment', '');
  const [capReason, setCapReason] = useKept('cap', '');
  const [problems, setProblems] = useState<Record<string, string>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const [evidence, setEvidence] = useState<readonly string[]>([]);
  const final = mark !== null;
  const lines: readonly MarkLine[] = mark?.mark.lines ?? proposal.lines;
  const cap = mark === null ? proposal.cap : mark.mark.cap;
  const awardedOf = (line: MarkLine) => {
    if (mark !== null) return mark.mark.lines.find(({ id }) => id === line.id)?.awarded ?? line.proposed;
    const typed = overrides[line.id]?.points ?? '';
    return typed.trim() === '' || Number.isNaN(Number(typed)) ? line.proposed : Number(typed);
  };
  const sum = lines.reduce((all, line) => all + awardedOf(line), 0);
  const total = mark?.mark.total ?? (cap !== null && capReason.trim() === '' ? Math.min(sum, cap.most) : sum);

  function override(id: string, change: Partial<Override>) {
    const present = overrides[id] ?? { points: '', reason: '' };
    setOverrides({ ...overrides, [id]: { ...present, ...change } });
  }

  async function confirm() {
    const sent = await send('POST', `/api/attempts/${attemptId}/mark`, {
      lines: Object.entries(overrides).map(([id, value]) => ({ id, ...value })),
      capReason,
      comment,
      entriesSeen: entries.length,
    });
    setAsking(false);
    if (!sent.ok) {
      setProblems(Object.fromEntries(sent.fields.map(({ field, message }) => [field, message])));
      setProblem(sent.message);
      return;
    }
    say(`${student}: marked ${total}.`);
    setOverrides({});
    setComment('');
    setCapReason('');
    await refresh();
  }

  return (
    <div className="grid h-dvh min-h-[40rem] grid-rows-[auto_minmax(0,1fr)]">
      <Header who={who} title={`Mark: ${plan.title}, ${student}`}>
        <span className="text-sm text-ink-soft tablet:hidden">try {tryNumber}</span>
      </Header>
      <main className="grid min-h-0 grid-cols-[minmax(0,1fr)_22rem] border-t border-rule tablet:grid-cols-[minmax(0,1fr)_18rem]">
        <div
          role="region"
          aria-label="Lines of the mark, scrolling"
          tabIndex={0}
          className="min-h-0 overflow-y-auto bg-paper-raised"
        >
          <RuledTable
            stays
            caption="Lines of the mark"
            columns={[
              { title: 'Line', className: 'px-3' },
              { title: 'Reason' },
              { title: 'Proposed', number: true },
              { title: final ? 'Awarded' : 'Yours', className: 'w-56 px-2' },
            ]}
          >
            {MARK_SECTIONS.map((section) => {
              const own = lines.filter((line) => line.section === section);
              return (
                <Fragment key={section}>
                  <tr className="bg-dye text-scribe">
                    <th
                      scope="colgroup"
                      colSpan={2}
                      className="px-3 py-1 text-left font-head text-lg font-semibold"
                    >
                      {SECTION_WORDS[section]}
                    </th>
                    <td className="figures px-2 text-right whitespace-nowrap">
                      {own.reduce((all, line) => all + line.proposed, 0)} /{' '}
                      {own.reduce((all, line) => all + line.max, 0)}
                    </td>
                    <td className="figures px-2">{own.reduce((all, line) => all + awardedOf(line), 0)}</td>
                  </tr>
                  {own.map((line) => (
                    <tr key={line.id} data-line={line.id} className="border-b border-rule align-top">
                      <th scope="row" className="px-3 py-1.5 text-left font-medium">
                        <span className="flex gap-2">
                          <StandingMark
                            standing={
                              line.proposed >= line.max ? 'good' : line.proposed > 0 ? 'attend' : 'bad'
                            }
                          />
                          {line.title}
                        </span>
                      </th>
                      <td className="px-2 py-1.5">
                        {line.reason}
                        {line.evidence.length > 0 && (
                          <button
                            type="button"
                            onClick={() => setEvidence(line.evidence)}
                            className="ml-1.5 whitespace-nowrap underline decoration-dotted underline-offset-2"
                          >
                            evidence
                          </button>
                        )}
                      </td>
                      <td className="figures px-2 py-1.5 text-right whitespace-nowrap">
                        {line.proposed} / {line.max}
                      </td>
                      <td className="px-2 py-1">
                        {mark === null ? (
                          <Override
                            line={line}
                            value={overrides[line.id] ?? { points: '', reason: '' }}
                            problems={problems}
                            onChange={(change) => override(line.id, change)}
                          />
                        ) : (
                          <Awarded line={mark.mark.lines.find(({ id }) => id === line.id)} />
                        )}
                      </td>
                    </tr>
                  ))}
                </Fragment>
              );
            })}
          </RuledTable>
        </div>
        <aside aria-label="Sum and record" className="flex min-h-0 flex-col border-l border-rule">
          <div className="grid gap-2 bg-dye p-3 text-scribe">
            <p className="flex items-baseline justify-between">
              <span className="label text-scribe-dim">{final ? 'Mark' : 'Mark, if confirmed'}</span>
              <span data-testid="total" className="figures text-5xl font-medium">
                {total}
                <span className="text-xl text-scribe-dim"> / 100</span>
              </span>
            </p>
            {cap !== null && <p className="text-sm text-brass-bright">▲ {cap.reason}</p>}
          </div>
          <div className="grid gap-3 p-3">
            {mark === null ? (
              <>
                {cap !== null && (
                  <Field
                    label="Lift the cap because"
                    value={capReason}
                    onChange={(event) => setCapReason(event.target.value)}
                  />
                )}
                <Field
                  label="Comment for the student"
                  value={comment}
                  onChange={(event) => setComment(event.target.value)}
                />
                {problem !== null && <Message tone="error">{problem}</Message>}
                <div className="flex gap-2">
                  <Button tone="main" className="min-h-12 flex-1" onClick={() => setAsking(true)}>
                    Confirm the mark
                  </Button>
                  <Link href={`/attempts/${attemptId}`} className={buttonClass('plain', 'desk', 'min-h-12')}>
                    Record
                  </Link>
                </div>
              </>
            ) : (
              <>
                {mark.mark.capLiftedReason !== null && (
                  <p className="text-sm">Cap lifted: {mark.mark.capLiftedReason}</p>
                )}
                {mark.mark.comment !== '' && (
                  <blockquote className="border-l-4 border-brass-bright bg-brass-wash p-3">
                    {mark.mark.comment}
                  </blockquote>
                )}
                <p className="text-sm text-ink-soft">
                  Confirmed by {mark.by},{' '}
                  <time dateTime={mark.at} suppressHydrationWarning>
                    {format(new Date(mark.at), 'd MMM yyyy, HH:mm')}
                  </time>
                  . Final.
                </p>
                <Link href={`/attempts/${attemptId}`} className={buttonClass('plain')}>
                  See the work
                </Link>
              </>
            )}
          </div>
          <div
            role="region"
            aria-label="Record of the work"
            tabIndex={0}
            className="min-h-0 flex-1 overflow-y-auto border-t border-rule bg-paper"
          >
            <RecordList derived={derived} entries={entries} marked={evidence} />
          </div>
        </aside>
      </main>
      <Dialog
        open={asking}
        onOpenChange={setAsking}
        title={`Confirm ${total} points?`}
        description="The mark is then final and the attempt is closed. The student sees it with every reason and your comment."
      >
        <div className="flex justify-end gap-2">
          <Button onClick={() => setAsking(false)}>Look again</Button>
          <Button tone="main" onClick={() => void confirm()}>
            Confirm
          </Button>
        </div>
      </Dialog>
    </div>
  );
}

function Override({
  line,
  value,
  problems,
  onChange,
}: {
  line: MarkLine;
  value: Override;
  problems: Record<string, string>;
  onChange: (change: Partial<Override>) => void;
}) {
  const differs = value.points.trim() !== '' && value.points.trim() !== String(line.proposed);
  return (
    <div className="grid grid-cols-[4.5rem_1fr] gap-1">
      <Field
        labelHidden
        label={`Points for ${line.title}`}
        placeholder={String(line.proposed)}
        inputMode="decimal"
        value={value.points}
        error={problems[`lines.${line.id}.points`]}
        onChange={(event) => onChange({ points: event.target.value })}
      />
      {(differs || value.reason !== '') && (
        <Field
          labelHidden
          label={`Reason for ${line.title}`}
          placeholder="reason"
          value={value.reason}
          error={problems[`lines.${line.id}.reason`]}
          onChange={(event) => onChange({ reason: event.target.value })}
        />
      )}
    </div>
  );
}

function Awarded({ line }: { line: ConfirmedMark['lines'][number] | undefined }) {
  if (line === undefined) return null;
  return (
    <>
      <span className="figures">{line.awarded}</span>
      {line.overrideReason !== null && (
        <span className="block text-2xs text-brass">{line.overrideReason}</span>
      )}
    </>
  );
}
