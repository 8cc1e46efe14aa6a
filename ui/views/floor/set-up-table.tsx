import { isKind, type Entry } from '@/core/exercise/record/entry/entry';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { showExpected, showStepValue } from '@/core/exercise/sheet/show-value';
import { StandingMark } from '@/ui/kit/state-mark';
import { standingOf } from '@/ui/parts/work/standing-of';

/** What was set up so far, each value against the expected one; wrong and open ones first. */
export function SetUpTable({ prediction, entries }: { prediction: Prediction; entries: readonly Entry[] }) {
  const seen = prediction.steps.filter(
    ({ step, verdict }) => step.when === 'before-cutting' || verdict !== 'open',
  );
  const serious = (verdict: string) => (verdict === 'wrong' ? 0 : verdict === 'not-done' ? 1 : 2);
  const sorted = [...seen].sort((a, b) => serious(a.verdict) - serious(b.verdict));
  const warnings = prediction.cuts.at(-1)?.entry.content.told?.warnings ?? [];
  return (
    <section aria-label="Set-up">
      <h3 className="mb-1 text-xl">
        {prediction.cuts.length === 0
          ? 'Set-up'
          : `Set-up; ${prediction.cuts.length} of ${prediction.passes.length} passes cut`}
      </h3>
      {warnings.length > 0 && (
        <p className="text-sm text-nogo">The last cut was made although something stood in the way.</p>
      )}
      <table className="w-full table-fixed border-collapse">
        <thead className="text-left text-sm text-ink-soft">
          <tr>
            <th className="w-2/5 font-medium">Step</th>
            <th className="font-medium">Found</th>
            <th className="font-medium">Expected</th>
          </tr>
        </thead>
        <tbody>
          {sorted.map(({ step, entry, verdict, signed, sentBack }) => (
            <tr key={step.id} className="border-t border-rule align-top">
              <td className="py-1 pr-2">
                <span className="flex items-center gap-1.5">
                  <StandingMark standing={standingOf(verdict)} size={16} />
                  {step.title}
                </span>
                {sentBack !== null && (
                  <span className="text-sm text-nogo">sent back: {sentBack.content.reason}</span>
                )}
              </td>
              <td className="figures py-1 pr-2">
                {foundWords(entry, step)}
                {step.hold && (signed ? ' · signed' : ' · to be signed')}
              </td>
              <td className="figures py-1">{step.expected === null ? '' : showExpected(step.expected)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {entries.length === 0 && <p className="text-ink-soft">Nothing is recorded yet.</p>}
    </section>
  );
}

function foundWords(
  entry: Prediction['steps'][number]['entry'],
  step: Prediction['steps'][number]['step'],
): string {
  if (entry === null) return 'open';
  if (!isKind('step')(entry)) return 'looked at';
  const { value, choice, count, how } = entry.content;
  if (how === 'not-done') return 'not done';
  if (value !== null && step.expected !== null) return showStepValue(value, step.expected.unit);
  return choice ?? (count === null ? 'done' : `${count} times`);
}
