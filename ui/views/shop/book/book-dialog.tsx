'use client';

import { useMemo, useState } from 'react';
import { bookFormOf, emptyBookForm, readBookForm, type BookForm } from '@/core/machine/book/read-book-form';
import { BOOKS, type BookKind } from '@/core/machine/book/book';
import { Button } from '@/ui/kit/button';
import { Dialog } from '@/ui/kit/dialog';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { Select } from '@/ui/kit/select';
import { useToast } from '@/ui/kit/toast';
import { send } from '@/ui/shell/send';
import { useRefresh } from '@/ui/shell/use-refresh';
import { keptMeanwhile, MeanwhileDialog } from '../kept-meanwhile';
import type { BookItem } from './book-item';

/** One record of the book: made, changed as its next revision, put away or offered again. */
export function BookDialog({
  kind,
  item,
  onClose,
}: {
  kind: BookKind;
  /** Null for a new one. */
  item: BookItem | null;
  onClose: () => void;
}) {
  const { one, fields } = BOOKS[kind];
  const refresh = useRefresh();
  const say = useToast();
  const first = useMemo(
    () => (item === null ? emptyBookForm(kind) : bookFormOf(kind, item.document)),
    [kind, item],
  );
  const [form, setForm] = useState(first);
  const [shown, setShown] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const read = useMemo(() => readBookForm(kind, form), [kind, form]);
  const errors = new Map(read.ok ? [] : read.issues.map(({ field, message }) => [field, message]));
  const errorAt = (name: string) => (shown || form[name] !== first[name] ? errors.get(name) : undefined);

  const [meanwhile, setMeanwhile] = useState<{ number: number; form: BookForm } | null>(null);

  /** @param kept what is kept, and the revision that was seen before it */
  async function keep(kept: BookForm = form, seen: number = item?.number ?? 0) {
    setShown(true);
    if (!readBookForm(kind, kept).ok) return setProblem('A field is still to mend.');
    const sent =
      item === null
        ? await send('POST', '/api/book', { kind, form: kept })
        : await send('PUT', `/api/book/${item.id}`, { form: kept, seen });
    if (!sent.ok) {
      const other = keptMeanwhile(sent);
      setMeanwhile(
        other === null
          ? null
          : { number: other.number, form: bookFormOf(kind, BOOKS[kind].read(other.document)) },
      );
      return setProblem(sent.message);
    }
    say(item === null ? `${kept.name} is in the book.` : `${kept.name} is kept as the next revision.`);
    onClose();
    await refresh();
  }

  async function putAway() {
    if (item === null) return;
    const sent = await send('PUT', `/api/book/${item.id}/archive`, { archived: !item.archived });
    if (!sent.ok) return setProblem(sent.message);
    say(item.archived ? 'It is offered again.' : 'It is put away; its revisions stay.');
    onClose();
    await refresh();
  }

  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title={item === null ? `New ${one}` : item.document.name}
      description={
        item === null ? 'What is not known stays empty.' : `Revision ${item.number}. Earlier ones are kept.`
      }
    >
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <div className="grid grid-cols-2 items-start gap-3">
          {fields.map(({ name, label, takes, options = [], unit, note }) =>
            takes === 'choice' ? (
              <Select
                key={name}
                label={label}
                value={form[name] ?? ''}
                error={errorAt(name)}
                options={[
                  { value: '', text: 'not said' },
                  ...options.map((value) => ({ value, text: value.replaceAll('-', ' ') })),
                ]}
                onChange={(value) => setForm({ ...form, [name]: value })}
              />
            ) : (
              <Field
                key={name}
                label={label}
                unit={unit}
                note={note ?? (takes === 'length' ? 'With its unit; mm without.' : undefined)}
                value={form[name] ?? ''}
                error={errorAt(name)}
                onChange={(event) => setForm({ ...form, [name]: event.target.value })}
              />
            ),
          )}
        </div>
        {problem !== null && <Message tone="error">{problem}</Message>}
        {meanwhile !== null && (
          <MeanwhileDialog
            number={meanwhile.number}
            fields={fields
              .filter(({ name }) => (form[name] ?? '') !== (meanwhile.form[name] ?? ''))
              .map(({ name, label }) => ({
                id: name,
                label,
                here: form[name] ?? '',
                there: meanwhile.form[name] ?? '',
              }))}
            onSettle={(there) => {
              const chosen = Object.fromEntries(there.map((name) => [name, meanwhile.form[name] ?? '']));
              const settled = { ...form, ...chosen };
              setForm(settled);
              void keep(settled, meanwhile.number);
            }}
            onClose={() => setMeanwhile(null)}
          />
        )}
        <div className="flex flex-wrap justify-end gap-2">
          {item !== null && (
            <Button tone="quiet" onClick={() => void putAway()}>
              {item.archived ? 'Offer it again' : 'Put it away'}
            </Button>
          )}
          <Button onClick={onClose}>Back</Button>
          <Button tone="main" type="submit">
            {item === null ? 'Put it in the book' : 'Keep as the next revision'}
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
