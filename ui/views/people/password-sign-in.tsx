'use client';

import { useState, type FormEvent } from 'react';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { problemsOf } from '@/ui/shell/problems-of';
import { send } from '@/ui/shell/send';
import { useSignedIn, type SignedIn } from './use-signed-in';

/** Instructors and helpers: name and password, or a one-time code with which a password is chosen. */
export function PasswordSignIn() {
  const signedIn = useSignedIn();
  const [withCode, setWithCode] = useState(false);
  const [first, setFirst] = useState('');
  const [secret, setSecret] = useState('');
  /** The second factor is asked for once name and password are right. */
  const [figures, setFigures] = useState<string | null>(null);
  const [problems, setProblems] = useState<Record<string, string>>({});
  const [busy, setBusy] = useState(false);

  async function enter(event: FormEvent) {
    event.preventDefault();
    setBusy(true);
    const sent = withCode
      ? await send<SignedIn>('POST', '/api/session/secret', { code: first, secret })
      : await send<SignedIn>('POST', '/api/session', {
          name: first,
          password: secret,
          ...(figures !== null && { code: figures }),
        });
    setBusy(false);
    if (!sent.ok && sent.code === 'second-factor' && figures === null) {
      setFigures('');
      return setProblems({});
    }
    setProblems(sent.ok ? {} : problemsOf(sent, withCode ? 'code' : 'password'));
    signedIn(sent);
  }

  function change(to: boolean) {
    setWithCode(to);
    setFirst('');
    setSecret('');
    setFigures(null);
    setProblems({});
  }

  return (
    <form
      method="post"
      onSubmit={(event) => void enter(event)}
      className="grid content-start gap-3"
      aria-label="Instructor or helper"
    >
      <h2 className="text-2xl">Instructor or helper</h2>
      <Field
        label={withCode ? 'One-time code' : 'Name'}
        name={withCode ? 'code' : 'name'}
        autoComplete={withCode ? 'one-time-code' : 'username'}
        value={first}
        error={problems[withCode ? 'code' : 'name']}
        onChange={(event) => setFirst(event.target.value)}
      />
      <Field
        label={withCode ? 'New password' : 'Password'}
        name="password"
        type="password"
        autoComplete={withCode ? 'new-password' : 'current-password'}
        value={secret}
        error={problems.password}
        note={withCode ? 'At least 12 characters; a short sentence is good.' : undefined}
        onChange={(event) => setSecret(event.target.value)}
      />
      {figures !== null && (
        <Field
          label="Six figures of your second factor"
          name="figures"
          inputMode="numeric"
          autoComplete="one-time-code"
          autoFocus
          value={figures}
          error={problems.code}
          onChange={(event) => setFigures(event.target.value)}
        />
      )}
      <div className="flex flex-wrap items-center gap-3">
        <Button type="submit" tone="main" disabled={busy}>
          {withCode ? 'Choose the password' : 'Sign in'}
        </Button>
        <Button tone="quiet" onClick={() => change(!withCode)}>
          {withCode ? 'I have a password' : 'I have a one-time code'}
        </Button>
      </div>
    </form>
  );
}
