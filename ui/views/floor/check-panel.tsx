'use client';

import { useEffect, useMemo, useState } from 'react';
import type { FloorPiece } from '@/core/exercise/board/floor';
import type { Role } from '@/core/people/role';
import { floorState } from '@/core/exercise/record/shown/floor-state';
import { maySign } from '@/core/exercise/record/entry/may-sign';
import { adviseOn } from '@/core/exercise/record/advice/advise';
import { predict, type Prediction } from '@/core/exercise/record/state/predict';
import type { Entry } from '@/core/exercise/record/entry/entry';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Fold } from '@/ui/kit/fold';
import { Message } from '@/ui/kit/message';
import { PageLink } from '@/ui/kit/page-link';
import { ProvePanel } from '@/ui/parts/work/prove-panel';
import { RescueNow } from '@/ui/parts/work/rescue-now';
import { useRecord } from '@/ui/parts/work/use-record';
import { ask } from '@/ui/shell/ask';
import { AcceptPanel } from './accept-panel';
import { SetUpTable } from './set-up-table';
import { lasted } from './use-now';

/** The work is proved, or handed in: what is left is to judge it. */
const atTheEnd = (state: Prediction['state']) => state === 'measured' || state === 'waiting';

interface Loaded {
  sheet: Sheet | null;
  entries: Entry[];
  marked: boolean;
}

/** The look at one lathe: what was set against what is right, and what whoever came says to it. */
export default function CheckPanel({
  piece,
  now,
  who,
  onDone,
}: {
  piece: FloorPiece;
  now: number;
  who: { role: Role };
  /** Something was done; with words where the piece leaves the floor by it. */
  onDone: (said?: string) => void;
}) {
  const [loaded, setLoaded] = useState<Loaded | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const { attemptId } = piece;
  useEffect(() => {
    void ask<Loaded>(`/api/attempts/${attemptId}`).then((sent) =>
      sent.ok ? setLoaded(sent.value) : setProblem(sent.message),
    );
  }, [attemptId]);
  if (problem !== null) return <Message tone="error">{problem}</Message>;
  if (loaded === null || loaded.sheet === null)
    return <p className="p-6 text-ink-soft">Reading the record.</p>;
  return <Check piece={piece} now={now} who={who} onDone={onDone} loaded={loaded} sheet={loaded.sheet} />;
}

function Check({
  piece: { attemptId, student, exercise, lathe },
  now,
  who,
  onDone,
  loaded,
  sheet,
}: {
  piece: FloorPiece;
  now: number;
  who: { role: Role };
  onDone: (said?: string) => void;
  loaded: Loaded;
  sheet: Sheet;
}) {
  const record = useRecord(attemptId, { sheet, entries: loaded.entries, marked: loaded.marked });
  const prediction = useMemo(() => predict(sheet, record.entries), [sheet, record.entries]);
  const advice = useMemo(
    () => adviseOn(sheet, record.entries, prediction),
    [sheet, record.entries, prediction],
  );
  const [reason, setReason] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const { waits } = useMemo(
    () => floorState(sheet, record.entries, prediction, advice),
    [sheet, record.entries, prediction, advice],
  );

  const held = [...sheet.steps, ...sheet.stops].find(({ id }) => id === waits?.id);

  async function add(fields: Record<string, string>) {
    const added = await record.add(fields);
    setProblem(added.ok ? null : (added.fields.reason ?? added.message));
    if (!added.ok) return;
    setReason('');
    onDone();
  }

  return (
    <div className="grid content-start gap-4 p-4">
      <div>
        <h2 className="text-3xl">
          {lathe} · {student}
        </h2>
        <p className="text-ink-soft">
          {exercise} ·{' '}
          <PageLink href={`/attempts/${attemptId}`} className="underline underline-offset-2">
            whole record
          </PageLink>
          {who.role === 'instructor' && prediction.ended !== null && (
            <>
              {' · '}
              <PageLink href={`/attempts/${attemptId}/mark`} className="underline underline-offset-2">
                mark
              </PageLink>
            </>
          )}
        </p>
      </div>
      {waits?.kind === 'hand' && (
        <div className="flex items-center justify-between gap-3 border-l-8 border-brass-bright bg-paper px-3 py-2">
          <span className="text-xl">Hand raised {lasted(waits.since, now)} ago</span>
          <Button size="bench" tone="main" onClick={() => void add({ kind: 'hand', raised: 'no' })}>
            I am here
          </Button>
        </div>
      )}
      {waits?.kind === 'hold' && waits.id !== null && (
        <form
          aria-label="Hold point"
          className="grid gap-3 border-l-8 border-brass-bright bg-paper px-3 py-3"
          onSubmit={(event) => {
            event.preventDefault();
            void add({ kind: 'sent-back', stepId: waits.id ?? '', reason });
          }}
        >
          <p className="text-xl">
            Hold point: <strong>{waits.title}</strong>
          </p>
          {held !== undefined && maySign(who.role, held) ? (
            <Button
              size="bench"
              tone="main"
              disabled={record.busy}
              onClick={() => void add({ kind: 'sign-off', stepId: held.id })}
            >
              Sign off
            </Button>
          ) : (
            <Message tone="note">The instructor signs this one; the plan lets no helper.</Message>
          )}
          <div className="flex items-end gap-2">
            <Field
              label="What has to be mended"
              size="bench"
              className="grow"
              value={reason}
              error={problem ?? undefined}
              onChange={(event) => setReason(event.target.value)}
            />
            <Button size="bench" type="submit" disabled={record.busy}>
              Send back
            </Button>
          </div>
        </form>
      )}
      {waits?.kind !== 'hold' && problem !== null && <Message tone="error">{problem}</Message>}
      {!record.marked && (
        <Fold title="Accept the piece" open={atTheEnd(prediction.state)}>
          <AcceptPanel
            attemptId={attemptId}
            student={student}
            sheet={sheet}
            entries={record.entries}
            add={record.add}
            sending={record.busy}
            onDone={onDone}
          />
        </Fold>
      )}
      <RescueNow sheet={sheet} entries={record.entries} prediction={prediction} advice={advice} />
      <SetUpTable prediction={prediction} entries={record.entries} />
      <Fold title="Check measurement" open={false}>
        <ProvePanel
          sheet={sheet}
          prediction={prediction}
          advice={advice}
          entries={record.entries}
          canRecord={!record.marked}
          mayLook
          add={async (fields) => {
            const added = await record.add(fields);
            if (added.ok) onDone();
            return added;
          }}
        />
      </Fold>
    </div>
  );
}
