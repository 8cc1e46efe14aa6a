'use client';

import { useState, type FormEvent } from 'react';
import type { BenchStudent } from '@/core/people/account';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Keypad } from '@/ui/kit/keypad';
import { problemsOf } from '@/ui/shell/problems-of';
import { send } from '@/ui/shell/send';
import { useSignedIn, type SignedIn } from './use-signed-in';

const MOST_FIGURES = 8;

/** The PIN of a student; at first use, with the slip of the instructor, it is chosen. */
export function PinEntry({
  classCode,
  student,
  onBack,
}: {
  classCode: string;
  student: BenchStudent;
  onBack: () => void;
}) {
  const signedIn = useSignedIn();
  const [first, setFirst] = useState(!student.hasPin);
  const [slip, setSlip] = useState('');
  const [pin, setPin] = useState('');
  const [problems, setProblems] = useState<Record<string, string>>({});

  async function enter(event: FormEvent) {
    event.preventDefault();
    const of = { classCode, personId: student.id };
    const sent = first
      ? await send<SignedIn>('POST', '/api/session/secret', { code: slip, secret: pin, student: of })
      : await send<SignedIn>('POST', '/api/session/bench', { ...of, pin });
    setProblems(sent.ok ? {} : problemsOf(sent, 'pin'));
    if (!sent.ok && sent.code === 'no-pin') setFirst(true);
    if (!sent.ok && !first) setPin('');
    signedIn(sent);
  }

  return (
    <form method="post" onSubmit={(event) => void enter(event)} className="grid max-w-md gap-3">
      <p className="text-xl font-medium">{student.name}</p>
      {first && (
        <Field
          label="Code on your slip"
          name="code"
          size="bench"
          value={slip}
          error={problems.code}
          note="Eight letters and figures. No slip? Ask the instructor for one."
          onChange={(event) => setSlip(event.target.value)}
        />
      )}
      <Field
        label={first ? 'Choose a PIN' : 'PIN'}
        name="pin"
        type="password"
        inputMode="numeric"
        size="bench"
        autoFocus={!first}
        value={pin}
        error={problems.pin}
        note={first ? '4 to 8 figures that you keep in mind.' : undefined}
        onChange={(event) => setPin(event.target.value.slice(0, MOST_FIGURES))}
      />
      <Keypad
        label="Figures of the PIN"
        onKey={(key) => setPin((before) => `${before}${key}`.slice(0, MOST_FIGURES))}
        onBack={() => setPin((before) => before.slice(0, -1))}
      />
      <div className="flex flex-wrap gap-3">
        <Button type="submit" tone="main" size="bench">
          {first ? 'Choose the PIN' : 'Sign in'}
        </Button>
        <Button tone="quiet" onClick={onBack}>
          Another name
        </Button>
        {!first && (
          <Button tone="quiet" onClick={() => setFirst(true)}>
            I have a new slip
          </Button>
        )}
      </div>
    </form>
  );
}
