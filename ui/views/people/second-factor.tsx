'use client';

import Image from 'next/image';
import { useState, type FormEvent } from 'react';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { useToast } from '@/ui/kit/toast';
import { problemsOf } from '@/ui/shell/problems-of';
import { send } from '@/ui/shell/send';
import { useRefresh } from '@/ui/shell/use-refresh';

interface Begun {
  secret: string;
  /** As a picture (SVG) for the camera of a telephone. */
  picture: string;
}

const URL = '/api/account/second-factor';

/** A second factor of those who mark: six figures of an authenticator, asked for with each signing in. */
export function SecondFactor({ on, demanded }: { on: boolean; demanded: boolean }) {
  const say = useToast();
  const refresh = useRefresh();
  const [begun, setBegun] = useState<Begun | null>(null);
  const [ending, setEnding] = useState(false);
  const [code, setCode] = useState('');
  const [problem, setProblem] = useState<string | undefined>();
  const open = begun !== null || ending;

  async function begin() {
    const sent = await send<Begun>('POST', URL);
    if (sent.ok) setBegun(sent.value);
    else say(sent.message, 'bad');
  }

  async function finish(event: FormEvent) {
    event.preventDefault();
    const sent = await send(ending ? 'DELETE' : 'PUT', URL, { code });
    setProblem(sent.ok ? undefined : (problemsOf(sent, 'code').code ?? sent.message));
    if (!sent.ok) return;
    say(ending ? 'The second factor is ended.' : 'From now on the six figures are asked for.');
    setBegun(null);
    setEnding(false);
    setCode('');
    await refresh();
  }

  return (
    <section aria-label="Second factor" className="mt-4 grid content-start gap-3">
      <h2 className="text-2xl">Second factor: {on ? 'on' : 'off'}</h2>
      {demanded && !on && (
        <Message tone="warning">
          The shop demands it of those who mark: set it up, then everything opens.
        </Message>
      )}
      <p className="text-sm text-ink-soft">
        {on
          ? 'Signing in asks for six figures of your authenticator. Is it lost, whoever keeps the program gives you a one-time code: with it you begin anew.'
          : 'An authenticator on your telephone shows six figures, anew each half minute. Whoever finds out your password can do nothing without them.'}
      </p>
      {!open && (
        <div>
          {on ? (
            <Button onClick={() => setEnding(true)}>End the second factor</Button>
          ) : (
            <Button onClick={() => void begin()}>Set up a second factor</Button>
          )}
        </div>
      )}
      {begun !== null && (
        <>
          <p className="text-sm">Read this with your authenticator, or type the secret into it.</p>
          <Image
            alt="Secret of your authenticator"
            width={192}
            height={192}
            className="border border-rule bg-white"
            src={`data:image/svg+xml;utf8,${encodeURIComponent(begun.picture)}`}
          />
          <p className="figures break-all text-sm">{begun.secret.replace(/(.{4})(?=.)/g, '$1 ')}</p>
        </>
      )}
      {open && (
        <form method="post" onSubmit={(event) => void finish(event)} className="grid gap-3">
          <Field
            label="Six figures that it shows now"
            name="figures"
            inputMode="numeric"
            autoComplete="one-time-code"
            value={code}
            error={problem}
            onChange={(event) => setCode(event.target.value)}
          />
          <div className="flex gap-3">
            <Button type="submit" tone="main">
              {ending ? 'End it' : 'Use it from now on'}
            </Button>
            <Button
              tone="quiet"
              onClick={() => {
                setBegun(null);
                setEnding(false);
                setProblem(undefined);
              }}
            >
              As it was
            </Button>
          </div>
        </form>
      )}
    </section>
  );
}
