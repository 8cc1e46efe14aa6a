'use client';

import { Fragment, useState } from 'react';
import type { NewerProposal } from '@/core/exercise/marking/propose-mark';
import type { RecordLine } from '@/core/exercise/record/shown/record-lines';
import type { Mark } from '@/core/exercise/marking/mark';
import { gradeOf } from '@/core/exercise/marking/scale';
import { totalOf, type MarkLine, type MarkProposal } from '@/core/exercise/marking/mark-line';
import type { Role } from '@/core/people/role';
import { Button, buttonClass } from '@/ui/kit/button';
import { Dialog } from '@/ui/kit/dialog';
import { Field } from '@/ui/kit/field';
import { RuledTable } from '@/ui/kit/ruled-table';
import { Message } from '@/ui/kit/message';
import { PageLink } from '@/ui/kit/page-link';
import { StandingMark } from '@/ui/kit/state-mark';
import { useToast } from '@/ui/kit/toast';
import { RecordList } from '@/ui/parts/work/record-list';
import { Header } from '@/ui/shell/header';
import { KeptUnder, useKept } from '@/ui/shell/kept';
import { send } from '@/ui/shell/send';
import { ShopTime } from '@/ui/shell/shop-time';
import { useRefresh } from '@/ui/shell/use-refresh';
import { NewerRules } from './newer-rules';

/** A decision on the mark as the page shows it. */
interface Decision {
  number: number;
  mark: Mark;
  by: string;
  at: string;
}

export interface MarkViewProps {
  id: number;
  title: string;
  student: string;
  tryNumber: number;
  /** Only the instructor's page has it. */
  marking: { proposal: MarkProposal; newer: NewerProposal | null } | null;
  record: readonly RecordLine[];
  entriesSeen: number;
  /** First to last: the last one stands. */
  decisions: readonly Decision[];
  who: { name: string; role: Role };
}

type Override = { points: string; reason: string };

/** The proposed mark line by line, each with its reason and evidence; the instructor confirms or overrides. */
export function MarkView(props: MarkViewProps) {
  return (
    <KeptUnder name={`mark-${props.id}`}>
      <MarkSheet {...props} />
    </KeptUnder>
  );
}

const NOTHING: NonNullable<MarkViewProps['marking']> = {
  proposal: { sections: [], lines: [], cap: null, factor: null, scale: null, total: 0, blocked: null },
  newer: null,
};

function MarkSheet({
  id: attemptId,
  title,
  student,
  tryNumber,
  marking,
  record,
  entriesSeen,
  decisions,
  who,
}: MarkViewProps) {
  const refresh = useRefresh();
  const say = useToast();
  const standing = decisions.at(-1) ?? null;
  const [anew, setAnew] = useState(false);
  /** The decision that is shown; null while one is being made. */
  const decided = anew ? null : standing;
  const mark = decided;
  const { proposal, newer } = marking ?? NOTHING;
  const sections = mark?.mark.sections ?? proposal.sections;
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
  const most = cap !== null && capReason.trim() === '' ? cap.most : Infinity;
  const total = mark?.mark.total ?? totalOf(sum, proposal.factor?.share ?? 1, most, 0.5);

  const factor = mark === null ? proposal.factor : mark.mark.factor;
  const { scale } = proposal;
  const grade =
    mark !== null
      ? mark.mark.grade
      : scale === null || scale.kind === 'points'
        ? null
        : gradeOf(scale, total);

  function override(id: string, change: Partial<Override>) {
    const present = overrides[id] ?? { points: '', reason: '' };
    setOverrides({ ...overrides, [id]: { ...present, ...change } });
  }

  async function confirm() {
    const sent = await send('POST', `/api/attempts/${attemptId}/mark`, {
      lines: Object.entries(overrides).map(([id, value]) => ({ id, ...value })),
      capReason,
      comment,
      entriesSeen,
      supersedes: standing?.number ?? null,
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
    setAnew(false);
    await refresh();
  }

  return (
    <div className="grid h-dvh min-h-[40rem] grid-rows-[auto_minmax(0,1fr)]">
      <Header who={who} title={`Mark: ${title}, ${student}`}>
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
            {sections.map((section) => {
              const own = lines.filter((line) => line.section === section.id);
              return (
                <Fragment key={section.id}>
                  <tr className="bg-dye text-scribe">
                    <th
                      scope="colgroup"
                      colSpan={2}
                      className="px-3 py-1 text-left font-head text-lg font-semibold"
                    >
                      {section.title}
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
                          <StandingMark standing={standingOfLine(line)} />
                          {line.title}
                        </span>
                      </th>
                      <td className="px-2 py-1.5">
                        {line.reason}
                        {line.needed !== null && (
                          <span className="block text-ink-soft">For more: {line.needed}</span>
                        )}
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
                        {line.seen
                          ? `${line.proposed} / ${line.max}`
                          : line.max > 0
                            ? `not seen / ${line.max}`
                            : 'not seen'}
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
            {grade !== null && <p className="text-xl">{grade}</p>}
            {factor !== null && <p className="text-sm text-scribe-dim">{factor.reason}</p>}
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
                {problems.comment !== undefined && <Message tone="error">{problems.comment}</Message>}
                {newer !== null && <NewerRules newer={newer} />}
                {proposal.blocked !== null && <Message tone="warning">{proposal.blocked}</Message>}
                {standing !== null && (
                  <Message tone="note">
                    {`Decision ${standing.number} (${standing.mark.total} points) stays beside this one. Say in the comment why it is decided anew.`}
                  </Message>
                )}
                <div className="flex gap-2">
                  <Button
                    tone="main"
                    className="min-h-12 flex-1"
                    disabled={proposal.blocked !== null || marking === null}
                    onClick={() => setAsking(true)}
                  >
                    Confirm the mark
                  </Button>
                  <PageLink
                    href={`/attempts/${attemptId}`}
                    className={buttonClass('plain', 'desk', 'min-h-12')}
                  >
                    Record
                  </PageLink>
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
                  Confirmed by {mark.by}, <ShopTime at={mark.at} withYear />. Final.
                </p>
                {decisions.length > 1 && (
                  <ul className="text-sm text-ink-soft" aria-label="Earlier decisions">
                    {decisions.slice(0, -1).map((each) => (
                      <li key={each.number}>
                        Before: {each.mark.total} points by {each.by}, <ShopTime at={each.at} />
                      </li>
                    ))}
                  </ul>
                )}
                <div className="flex gap-2">
                  <PageLink href={`/attempts/${attemptId}`} className={buttonClass('plain')}>
                    See the work
                  </PageLink>
                  {who.role === 'instructor' && <Button onClick={() => setAnew(true)}>Decide anew</Button>}
                </div>
              </>
            )}
          </div>
          <div
            role="region"
            aria-label="Record of the work"
            tabIndex={0}
            className="min-h-0 flex-1 overflow-y-auto border-t border-rule bg-paper"
          >
            <RecordList lines={record} marked={evidence} />
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

function standingOfLine(line: MarkLine): 'good' | 'attend' | 'bad' | 'open' {
  if (!line.seen) return 'open';
  return line.proposed >= line.max ? 'good' : line.proposed > 0 ? 'attend' : 'bad';
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

function Awarded({ line }: { line: Mark['lines'][number] | undefined }) {
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
