'use client';

import { useMemo, useState, type FormEvent } from 'react';
import { readRoster } from '@/core/people/read-roster';
import type { Role } from '@/core/people/role';
import { Button } from '@/ui/kit/button';
import { Choice } from '@/ui/kit/choice';
import { Message } from '@/ui/kit/message';
import { problemsOf } from '@/ui/shell/problems-of';
import type { Sent } from '@/ui/shell/ask';

const ROLE_OPTIONS: { value: Role; text: string }[] = [
  { value: 'student', text: 'Students' },
  { value: 'helper', text: 'Helper' },
  { value: 'instructor', text: 'Instructor' },
];
/** A list of names is a few kilobytes; what is larger is some other file. */
const MOST_FILE_BYTES = 100_000;

export interface Joining {
  names: string[];
  personId: number | null;
  role: Role;
}

/** Adds people to a class: typed, pasted, from a CSV file, or somebody of another class. */
export function AddPeople({
  there,
  elsewhere,
  onAdd,
  onAdded,
}: {
  there: readonly string[];
  elsewhere: { id: number; name: string }[];
  onAdd: (joining: Joining) => Promise<Sent<{ added: number }>>;
  onAdded: (added: number) => void;
}) {
  const [text, setText] = useState('');
  const [role, setRole] = useState<Role>('student');
  const [personId, setPersonId] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const lines = useMemo(() => (text.trim() === '' ? [] : readRoster(text, there)), [text, there]);
  const names = lines.flatMap(({ name, refused }) => (refused === null ? [name] : []));
  const count = names.length + (personId === '' ? 0 : 1);

  async function add(event: FormEvent) {
    event.preventDefault();
    if (count === 0) return setProblem('Type a name, or choose somebody.');
    const sent = await onAdd({ names, personId: personId === '' ? null : Number(personId), role });
    setProblem(sent.ok ? null : (Object.values(problemsOf(sent, 'names'))[0] ?? sent.message));
    if (sent.ok) onAdded(sent.value.added);
  }

  async function read(file: File | undefined) {
    if (file === undefined) return;
    if (file.size > MOST_FILE_BYTES) return setProblem('This file is too large for a list of names.');
    setProblem(null);
    setText(await file.text());
  }

  return (
    <form onSubmit={(event) => void add(event)} aria-label="Add people" className="grid content-start gap-2">
      <h2 className="text-2xl">Add people</h2>
      <Choice
        label="They are here as"
        value={role}
        options={ROLE_OPTIONS}
        onChange={(value) => setRole(value as Role)}
      />
      <label className="grid gap-1">
        <span className="label text-ink-soft">Names, one a line; or paste a list with headings</span>
        <textarea
          value={text}
          rows={5}
          aria-invalid={problem !== null}
          onChange={(event) => setText(event.target.value)}
          className="w-full rounded-cut border border-rule-strong bg-paper-raised p-2"
        />
      </label>
      <label className="text-sm">
        <span className="text-ink-soft">or a CSV file </span>
        <input
          type="file"
          accept=".csv,.txt,text/csv,text/plain"
          onChange={(event) => void read(event.target.files?.[0])}
          className="text-sm"
        />
      </label>
      {elsewhere.length > 0 && (
        <label className="grid gap-1">
          <span className="label text-ink-soft">or somebody of another class of yours</span>
          <select
            value={personId}
            onChange={(event) => setPersonId(event.target.value)}
            className="min-h-9 rounded-cut border border-rule-strong bg-paper-raised px-2 tablet:min-h-12"
          >
            <option value="">nobody</option>
            {elsewhere.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      )}
      {lines
        .filter(({ refused }) => refused !== null)
        .map(({ line, name, refused }) => (
          <Message
            key={line}
            tone="warning"
          >{`Line ${line}, ${name === '' ? 'empty' : name}: ${refused}`}</Message>
        ))}
      {problem !== null && <Message tone="error">{problem}</Message>}
      <div>
        <Button type="submit" tone="main">
          {count === 0 ? 'Add' : `Add ${count}`}
        </Button>
      </div>
    </form>
  );
}
