'use client';

import { useState, type FormEvent } from 'react';
import type { AccountView as Account } from '@/core/people/account';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { useToast } from '@/ui/kit/toast';
import { Message } from '@/ui/kit/message';
import { Header } from '@/ui/shell/header';
import { problemsOf } from '@/ui/shell/problems-of';
import { send } from '@/ui/shell/send';
import { ShopTime } from '@/ui/shell/shop-time';
import { useRefresh } from '@/ui/shell/use-refresh';
import { SecondFactor } from './second-factor';
import { signOut } from '@/ui/parts/outbox/sign-out';

/** The own account: sign out, where one is signed in, and another password. */
export function AccountView({
  who,
  signInName,
  kind,
  sessions,
  benches,
  secondFactor,
  demanded,
  idleMinutes,
  tries,
}: Account & { who: { name: string; role: string } }) {
  const say = useToast();
  const refresh = useRefresh();

  async function end(id: number) {
    const sent = await send('DELETE', `/api/sessions/${id}`);
    if (!sent.ok) return say(sent.message, 'bad');
    say('That session is ended.');
    await refresh();
  }

  async function endBench(id: number) {
    const sent = await send('DELETE', `/api/grants/${id}`);
    if (!sent.ok) return say(sent.message, 'bad');
    say('That bench sends nothing more until you sign in there.');
    await refresh();
  }

  return (
    <>
      <Header who={who} title="Account" />
      <main className="mx-auto grid max-w-5xl grid-cols-[3fr_2fr] gap-10 p-6">
        <section aria-label="Signed in" className="grid content-start gap-3">
          <div className="flex items-center gap-4">
            <h2 className="text-2xl">{who.name}</h2>
            <Button
              tone="main"
              size="bench"
              onClick={() => void signOut().then((problem) => problem !== null && say(problem, 'bad'))}
            >
              Sign out
            </Button>
          </div>
          <table className="w-full border-collapse">
            <caption className="label pb-1 text-left text-ink-soft">Where you are signed in</caption>
            <thead className="text-left text-sm text-ink-soft">
              <tr>
                <th className="py-1 pr-4 font-medium">On</th>
                <th className="py-1 pr-4 font-medium">Since</th>
                <th className="py-1 pr-4 font-medium">Last used</th>
                <th>
                  <span className="sr-only">What can be done</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {sessions.map(({ id, usedOn, openedAt, seenAt, current }) => (
                <tr key={id} className="border-t border-rule">
                  <td className="py-2 pr-4">
                    {usedOn === '' ? 'an earlier release' : usedOn}
                    {current && <span className="ml-2 text-sm text-ink-soft">this one</span>}
                  </td>
                  <td className="py-2 pr-4">
                    <ShopTime at={openedAt} />
                  </td>
                  <td className="py-2 pr-4">
                    <ShopTime at={seenAt} />
                  </td>
                  <td className="py-2 text-right">
                    {!current && (
                      <Button aria-label={`End the session on ${usedOn}`} onClick={() => void end(id)}>
                        End
                      </Button>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {benches.length > 0 && <Benches benches={benches} onEnd={(id) => void endBench(id)} />}
          {tries !== null && (
            <Message tone="warning">
              {tries.count} wrong tries at your {kind === 'pin' ? 'PIN' : 'password'} from browsers that are
              not yours since <ShopTime at={tries.since} />. Nobody got in by them.
            </Message>
          )}
          <p className="text-sm text-ink-soft">
            {kind === 'password'
              ? `You are signed out after ${idleMinutes} minutes without use, and after twelve hours. `
              : 'After twelve hours a bench asks for your PIN again. '}{' '}
            A session that you do not know: end it, and choose another{' '}
            {kind === 'pin' ? 'PIN: ask the instructor for a slip.' : 'password.'}
          </p>
        </section>
        {kind === 'password' && (
          <div className="grid content-start gap-6">
            {demanded && !secondFactor && <SecondFactor on={secondFactor} demanded={demanded} />}
            <PasswordForm signInName={signInName ?? who.name} />
            {(!demanded || secondFactor) && <SecondFactor on={secondFactor} demanded={demanded} />}
          </div>
        )}
      </main>
    </>
  );
}

/** Where what is recorded is sent in the own name, also while somebody else works there. */
function Benches({ benches, onEnd }: { benches: Account['benches']; onEnd: (id: number) => void }) {
  return (
    <table className="mt-3 w-full border-collapse">
      <caption className="label pb-1 text-left text-ink-soft">
        Benches that send what you record there
      </caption>
      <thead className="text-left text-sm text-ink-soft">
        <tr>
          <th className="py-1 pr-4 font-medium">On</th>
          <th className="py-1 pr-4 font-medium">Sent last</th>
          <th className="py-1 pr-4 font-medium">Until</th>
          <th>
            <span className="sr-only">What can be done</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {benches.map(({ id, usedOn, sentAt, until }) => (
          <tr key={id} className="border-t border-rule">
            <td className="py-2 pr-4">{usedOn === '' ? 'an earlier release' : usedOn}</td>
            <td className="py-2 pr-4">{sentAt === null ? 'nothing yet' : <ShopTime at={sentAt} />}</td>
            <td className="py-2 pr-4">
              <ShopTime at={until} />
            </td>
            <td className="py-2 text-right">
              <Button aria-label={`End the bench on ${usedOn}`} onClick={() => onEnd(id)}>
                End
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function PasswordForm({ signInName }: { signInName: string }) {
  const say = useToast();
  const [current, setCurrent] = useState('');
  const [password, setPassword] = useState('');
  const [problems, setProblems] = useState<Record<string, string>>({});

  async function save(event: FormEvent) {
    event.preventDefault();
    const sent = await send('PUT', '/api/account/password', { current, password });
    setProblems(sent.ok ? {} : problemsOf(sent, 'current'));
    if (!sent.ok) return;
    setCurrent('');
    setPassword('');
    say('Changed. You are signed out everywhere else.');
  }

  return (
    <form
      method="post"
      onSubmit={(event) => void save(event)}
      aria-label="Password"
      className="grid content-start gap-3"
    >
      <h2 className="text-2xl">Password</h2>
      <p className="text-sm text-ink-soft">
        You sign in as <strong className="text-ink">{signInName}</strong>.
      </p>
      <Field
        label="Password of now"
        name="current"
        type="password"
        autoComplete="current-password"
        value={current}
        error={problems.current}
        onChange={(event) => setCurrent(event.target.value)}
      />
      <Field
        label="New password"
        name="password"
        type="password"
        autoComplete="new-password"
        value={password}
        error={problems.password}
        note="At least 12 characters; a short sentence is good."
        onChange={(event) => setPassword(event.target.value)}
      />
      <div>
        <Button type="submit">Change the password</Button>
      </div>
    </form>
  );
}
