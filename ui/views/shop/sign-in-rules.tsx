'use client';

import { useToast } from '@/ui/kit/toast';
import { send } from '@/ui/shell/send';
import { useRefresh } from '@/ui/shell/use-refresh';

const MINUTES = [5, 15, 30, 60, 120];

export interface SignInRulesProps {
  idleMinutes: number;
  secondFactor: boolean;
}

/** What the shop asks of those who mark. */
export function SignInRules({ idleMinutes, secondFactor }: SignInRulesProps) {
  const say = useToast();
  const refresh = useRefresh();

  async function choose(rules: SignInRulesProps) {
    const sent = await send('PUT', '/api/shop/sign-in', rules);
    say(sent.ok ? 'Kept.' : sent.message, sent.ok ? 'good' : 'bad');
    await refresh();
  }

  return (
    <section aria-label="Signing in" className="grid max-w-md gap-2">
      <h2 className="text-2xl">Signing in</h2>
      <label className="grid gap-1">
        <span className="label text-ink-soft">Instructors and helpers are signed out without use after</span>
        <select
          value={idleMinutes}
          onChange={(event) => void choose({ idleMinutes: Number(event.target.value), secondFactor })}
          className="min-h-9 rounded-cut border border-rule-strong bg-paper-raised px-2 tablet:min-h-12"
        >
          {MINUTES.map((minutes) => (
            <option key={minutes} value={minutes}>
              {minutes} minutes
            </option>
          ))}
        </select>
      </label>
      <label className="flex min-h-9 items-center gap-2 tablet:min-h-12">
        <input
          type="checkbox"
          className="size-5"
          checked={secondFactor}
          onChange={(event) => void choose({ idleMinutes, secondFactor: event.target.checked })}
        />
        Those who mark need a second factor
      </label>
      <p className="text-sm text-ink-soft">
        Whoever has none yet sets it up on the account page before anything else opens.
      </p>
    </section>
  );
}
