import { useState, type FormEvent } from 'react';
import { send } from '@/ui/shell/send';
import { benchButton } from './bench-button';

/** The session of this bench is of an earlier day: the PIN again, and the work goes on. */
export function PinAgain({ name, onDone }: { name: string; onDone: () => void }) {
  const [pin, setPin] = useState('');
  const [problem, setProblem] = useState<string | null>(null);

  async function enter(event: FormEvent) {
    event.preventDefault();
    const sent = await send('POST', '/api/session/again', { pin });
    setProblem(sent.ok ? null : sent.message);
    setPin('');
    if (sent.ok) onDone();
  }

  return (
    <form
      method="post"
      onSubmit={(event) => void enter(event)}
      className="grid max-w-xl gap-4"
      aria-label="PIN again"
    >
      <h2 className="text-5xl">{name}: your PIN again</h2>
      <p className="text-xl">It is another day. What you recorded here is kept.</p>
      <input
        type="password"
        inputMode="numeric"
        autoComplete="current-password"
        aria-label="PIN"
        aria-invalid={problem !== null}
        value={pin}
        onChange={(event) => setPin(event.target.value)}
        className="figures min-h-16 rounded-cut border-2 border-rule-strong bg-paper-raised px-4 text-4xl"
      />
      {problem !== null && (
        <p role="alert" className="text-xl text-nogo">
          {problem}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-4">
        <button type="submit" className={benchButton('main', 'min-h-20 px-12 text-3xl')}>
          Go on
        </button>
        <a href="/sign-in" className="min-h-12 text-xl underline">
          Somebody else
        </a>
      </div>
    </form>
  );
}
