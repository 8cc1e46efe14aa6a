'use client';

import { useCallback, useEffect, useState } from 'react';
import type { ToJudge } from '@/core/exercise/marking/judged-for';
import type { MarkProposal } from '@/core/exercise/marking/mark-line';
import { isKind, liveEntries, type Entry } from '@/core/exercise/record/entry/entry';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Message } from '@/ui/kit/message';
import { ask } from '@/ui/shell/ask';
import { send } from '@/ui/shell/send';
import type { AttemptRecord } from '@/ui/parts/work/use-record';
import { EvidenceTouches } from './evidence-touches';
import { JudgeTouches } from './judge-touches';
import { ProposedMark } from './proposed-mark';
import { SendPieceBack } from './send-piece-back';

interface Judging {
  toJudge: ToJudge[];
  proposal: MarkProposal | null;
  entriesSeen: number;
  decision: number | null;
}

/**
 * The piece in the hand of whoever judges it, before it leaves the chuck: gauge or nut, flanks, burrs, one question, the help
 * given, each by one touch; then the mark that follows, confirmed there, or the piece sent back.
 */
export function AcceptPanel({
  attemptId,
  student,
  sheet,
  entries,
  add,
  sending,
  onDone,
}: {
  attemptId: number;
  student: string;
  sheet: Sheet;
  entries: readonly Entry[];
  add: AttemptRecord['add'];
  /** A touch is on its way: the next one waits for it. */
  sending: boolean;
  onDone: (said: string) => void;
}) {
  const [judging, setJudging] = useState<Judging | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const look = useCallback(async () => {
    const sent = await ask<Judging>(`/api/attempts/${attemptId}/judging`);
    if (sent.ok) setJudging(sent.value);
    else setProblem(sent.message);
  }, [attemptId]);
  useEffect(() => {
    let shown = true;
    void ask<Judging>(`/api/attempts/${attemptId}/judging`).then((sent) => {
      if (!shown) return;
      if (sent.ok) setJudging(sent.value);
      else setProblem(sent.message);
    });
    return () => {
      shown = false;
    };
  }, [attemptId, entries.length]);

  async function record(fields: Record<string, string>) {
    setProblem(null);
    const added = await add(fields);
    if (!added.ok) setProblem(added.message);
  }

  async function confirm({ entriesSeen }: Judging) {
    setBusy(true);
    const sent = await send<{ total: number; grade: string | null }>(
      'POST',
      `/api/attempts/${attemptId}/mark`,
      {
        lines: [],
        capReason: '',
        comment: '',
        entriesSeen,
        supersedes: null,
      },
    );
    setBusy(false);
    if (sent.ok) return onDone(`${student}: marked ${sent.value.grade ?? sent.value.total}.`);
    setProblem(sent.message);
    return look();
  }

  const live = liveEntries(entries);
  const looks = live.filter(isKind('look'));
  const proposal = judging?.proposal ?? null;
  const size = proposal?.lines.find(({ id }) => id === 'size' || id === 'result:pitch-diameter');
  return (
    <section aria-label="Accept the piece" className="grid gap-3">
      <fieldset disabled={sending} className="contents">
        {sheet.proof.map((evidence) => (
          <EvidenceTouches key={evidence.id} evidence={evidence} live={live} onAnswer={record} />
        ))}
        {size !== undefined && (
          <p>
            <strong>{size.title}</strong>: <span className="figures">{size.reason}</span>
          </p>
        )}
        {judging?.toJudge.map((each) => (
          <JudgeTouches
            key={each.subject}
            toJudge={each}
            sheet={sheet}
            level={looks.findLast(({ content }) => content.subject === each.subject)?.content.level ?? null}
            onLevel={(level, asked) =>
              void record({
                kind: 'look',
                subject: each.subject,
                level: String(level),
                of: String(each.levels.length),
                sentence: each.levels[level] ?? '',
                asked,
              })
            }
          />
        ))}
      </fieldset>
      {problem !== null && <Message tone="error">{problem}</Message>}
      {judging !== null && proposal !== null && judging.decision === null && (
        <ProposedMark
          proposal={proposal}
          busy={busy || sending || judging.entriesSeen < entries.length}
          onConfirm={() => void confirm(judging)}
        />
      )}
      <SendPieceBack add={add} onDone={() => onDone(`${student}: sent back.`)} />
    </section>
  );
}
