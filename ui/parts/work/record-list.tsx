'use client';

import { useEffect, useRef, useState } from 'react';
import type { RecordLine } from '@/core/exercise/record/shown/record-lines';
import { Button } from '@/ui/kit/button';
import { Dialog } from '@/ui/kit/dialog';
import { Field } from '@/ui/kit/field';
import { useKept } from '@/ui/shell/kept';
import { ShopTime } from '@/ui/shell/shop-time';
import type { AttemptRecord } from './use-record';

const NONE: readonly string[] = [];

/** The record, newest first, struck entries still readable. `onStrike` is absent where nothing may be struck. */
export function RecordList({
  lines,
  onStrike,
  by = null,
  marked = NONE,
}: {
  lines: readonly RecordLine[];
  onStrike?: AttemptRecord['add'] | undefined;
  /** Whose entries may be struck out; null: everybody's. */
  by?: number | null;
  marked?: readonly string[];
}) {
  const [striking, setStriking] = useState<RecordLine | null>(null);
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    list.current?.querySelector(`[data-entry="${marked[0] ?? 'none'}"]`)?.scrollIntoView({ block: 'center' });
  }, [marked]);
  if (lines.length === 0) return <p className="p-3 text-ink-soft">Nothing is recorded yet.</p>;
  return (
    <>
      <ol ref={list} aria-label="Record" className="grid">
        {lines.map((line) => {
          const { id, title, detail, author, at, late, struck } = line;
          return (
            <li
              key={id}
              data-entry={id}
              className={`grid grid-cols-[1fr_auto] items-start gap-x-2 border-b border-rule px-3 py-1.5 ${marked.includes(id) ? 'bg-brass-wash' : ''}`}
            >
              <div className="min-w-0 text-sm">
                <p className={struck === null ? '' : 'line-through'}>
                  <strong className="font-semibold">{title}</strong>{' '}
                  <span className="figures text-[0.8125rem]">{detail}</span>
                </p>
                <p className="text-2xs text-ink-soft">
                  {author.name}, <ShopTime at={at} />
                  {late && <strong className="ml-1 text-brass">late: changes no mark</strong>}
                </p>
                {struck !== null && (
                  <p className="text-2xs text-brass">
                    Struck out by {struck.by}: {struck.reason}
                  </p>
                )}
              </div>
              {struck === null && onStrike !== undefined && (by === null || by === author.id) && (
                <Button
                  tone="quiet"
                  className="text-sm"
                  aria-label={`Strike out: ${title} ${detail}`}
                  onClick={() => setStriking(line)}
                >
                  Strike out
                </Button>
              )}
            </li>
          );
        })}
      </ol>
      {striking !== null && onStrike !== undefined && (
        <StrikeDialog
          key={striking.id}
          line={striking}
          onStrike={onStrike}
          onClose={() => setStriking(null)}
        />
      )}
    </>
  );
}

function StrikeDialog({
  line: { id, title, detail },
  onStrike,
  onClose,
}: {
  line: RecordLine;
  onStrike: AttemptRecord['add'];
  onClose: () => void;
}) {
  const [reason, setReason] = useKept(`strike-${id}`, '');
  const [problem, setProblem] = useState<string | undefined>();

  async function strike() {
    const added = await onStrike({ kind: 'strike', entryId: id, reason });
    if (added.ok) {
      setReason('');
      onClose();
    } else setProblem(added.fields.reason ?? added.message);
  }

  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title="Strike out"
      description={`“${title} ${detail}” stays readable, struck through, with your reason.`}
    >
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void strike();
        }}
      >
        <Field
          label="Reason"
          value={reason}
          error={problem}
          onChange={(event) => setReason(event.target.value)}
          autoFocus
        />
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Leave it</Button>
          <Button tone="main" type="submit">
            Strike out
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
