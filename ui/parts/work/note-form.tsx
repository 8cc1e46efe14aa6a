import { useState } from 'react';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { useKept } from '@/ui/shell/kept';
import type { AttemptRecord } from './use-record';

/** A note in the record, in one's own words. */
export function NoteForm({ add }: { add: AttemptRecord['add'] }) {
  const [text, setText] = useKept('note', '');
  const [problem, setProblem] = useState<string | undefined>();
  return (
    <form
      className="grid grid-cols-[1fr_auto] items-end gap-2 border-b border-rule p-3"
      onSubmit={(event) => {
        event.preventDefault();
        void add({ kind: 'note', text }).then((added) => {
          if (added.ok) setText('');
          setProblem(added.ok ? undefined : (added.fields.text ?? added.message));
        });
      }}
    >
      <Field label="Note" value={text} error={problem} onChange={(event) => setText(event.target.value)} />
      <Button type="submit">Add</Button>
    </form>
  );
}
