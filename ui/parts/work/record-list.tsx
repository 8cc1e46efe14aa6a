'use client';

import { useEffect, useRef, useState } from 'react';
import { entryWords } from '@/core/exercise/record/entry/entry-words';
import { strikeOf, type Entry } from '@/core/exercise/record/entry/entry';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Button } from '@/ui/kit/button';
import { Dialog } from '@/ui/kit/dialog';
import { Field } from '@/ui/kit/field';
import { useKept } from '@/ui/shell/kept';
import { ShopTime } from '@/ui/shell/shop-time';
import type { AttemptRecord } from './use-record';

const NONE: readonly string[] = [];

/** The record, newest first, struck entries still readable. `onStrike` is absent where nothing may be struck. */
export function RecordList({
  sheet,
  entries,
  onStrike,
  by = null,
  marked = NONE,
}: {
  sheet: Sheet | null;
  entries: readonly Entry[];
  onStrike?: AttemptRecord['add'] | undefined;
  /** Whose entries may be struck out; null: everybody's. */
  by?: number | null;
  marked?: readonly string[];
}) {
  const [striking, setStriking] = useState<Entry | null>(null);
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    list.current
      ?.querySelector(`[data-entry="${marked[0] ?? 'none'}"]`)
      ?.scrollIntoView?.({ block: 'center' });
  }, [marked]);
  const shown = entries.filter(({ content }) => content.kind !== 'strike').toReversed();
  if (shown.length === 0) return <p className="p-3 text-ink-soft">Nothing is recorded yet.</p>;
  return (
    <>
      <ol ref={list} aria-label="Record" className="grid">
        {shown.map((entry) => {
          const strike = strikeOf(entries, entry.id);
          const { title, detail } = entryWords(entry, sheet);
          return (
            <li
              key={entry.id}
              data-entry={entry.id}
              className={`grid grid-cols-[1fr_auto] items-start gap-x-2 border-b border-rule px-3 py-1.5 ${marked.includes(entry.id) ? 'bg-brass-wash' : ''}`}
            >
              <div className="min-w-0 text-sm">
                <p className={strike === null ? '' : 'line-through'}>
                  <strong className="font-semibold">{title}</strong>{' '}
                  <span className="figures text-[0.8125rem]">{detail}</span>
                </p>
                <p className="text-2xs text-ink-soft">
                  {entry.author.name}, <ShopTime at={entry.deviceTime} />
                  {entry.late && <strong className="ml-1 text-brass">late: changes no mark</strong>}
                </p>
                {strike !== null && (
                  <p className="text-2xs text-brass">
                    Struck out by {strike.author.name}: {strike.content.reason}
                  </p>
                )}
              </div>
              {strike === null && onStrike !== undefined && (by === null || by === entry.author.id) && (
                <Button
                  tone="quiet"
                  className="text-sm"
                  aria-label={`Strike out: ${title} ${detail}`}
                  onClick={() => setStriking(entry)}
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
          entry={striking}
          sheet={sheet}
          onStrike={onStrike}
          onClose={() => setStriking(null)}
        />
      )}
    </>
  );
}

function StrikeDialog({
  entry,
  sheet,
  onStrike,
  onClose,
}: {
  entry: Entry;
  sheet: Sheet | null;
  onStrike: AttemptRecord['add'];
  onClose: () => void;
}) {
  const [reason, setReason] = useKept(`strike-${entry.id}`, '');
  const [problem, setProblem] = useState<string | undefined>();
  const { title, detail } = entryWords(entry, sheet);

  async function strike() {
    const added = await onStrike({ kind: 'strike', entryId: entry.id, reason });
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
