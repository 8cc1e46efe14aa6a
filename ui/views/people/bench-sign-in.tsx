'use client';

import { useState, type FormEvent } from 'react';
import type { BenchClass, BenchStudent } from '@/core/people/account';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { problemsOf } from '@/ui/shell/problems-of';
import { send } from '@/ui/shell/send';
import { useSetting } from '@/ui/kit/settings';
import { PinEntry } from './pin-entry';

/** Students at the bench: the code of the class (which this device keeps), the own name, the PIN. */
export function BenchSignIn() {
  const [kept, keep] = useSetting('class-code');
  const [typed, setTyped] = useState<string | null>(null);
  const [school, setSchool] = useState<BenchClass | null>(null);
  const [student, setStudent] = useState<BenchStudent | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const code = typed ?? kept ?? '';

  async function open(event: FormEvent) {
    event.preventDefault();
    const sent = await send<BenchClass>('POST', '/api/session/class', { classCode: code });
    setProblem(sent.ok ? null : (problemsOf(sent, 'classCode').classCode ?? sent.message));
    if (!sent.ok) return;
    keep(code);
    setSchool(sent.value);
  }

  return (
    <section className="grid content-start gap-3" aria-label="At the bench">
      <h2 className="text-2xl">At the bench{school === null ? '' : `: ${school.className}`}</h2>
      {school === null && (
        <form onSubmit={(event) => void open(event)} className="grid gap-3">
          <Field
            label="Code of the class"
            name="classCode"
            size="bench"
            value={code}
            error={problem ?? undefined}
            note="Six letters and figures, from your instructor."
            onChange={(event) => setTyped(event.target.value)}
          />
          <div>
            <Button type="submit" tone="main" size="bench">
              Show the names
            </Button>
          </div>
        </form>
      )}
      {school !== null && student === null && (
        <>
          <p className="text-ink-soft">Touch your own name.</p>
          <ul className="grid grid-cols-2 gap-2">
            {school.students.map((each) => (
              <li key={each.id}>
                <button
                  type="button"
                  onClick={() => setStudent(each)}
                  className="min-h-14 w-full rounded-cut border border-rule-strong bg-paper-raised px-4 text-left text-lg hover:bg-paper-sunk"
                >
                  {each.name}
                </button>
              </li>
            ))}
          </ul>
          {school.students.length === 0 && <p>There is nobody in this class yet.</p>}
          <div>
            <Button tone="quiet" onClick={() => setSchool(null)}>
              Another class
            </Button>
          </div>
        </>
      )}
      {school !== null && student !== null && (
        <PinEntry key={student.id} classCode={code} student={student} onBack={() => setStudent(null)} />
      )}
    </section>
  );
}
