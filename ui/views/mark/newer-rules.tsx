import type { NewerProposal } from '@/core/exercise/marking/propose-mark';

/** What newer rules would propose: shown beside what counts, and changing nothing. */
export function NewerRules({ newer }: { newer: NewerProposal }) {
  const points = (value: number | null) => (value === null ? 'no such line' : String(value));
  return (
    <details className="rounded-cut border border-rule p-3 text-sm">
      <summary className="cursor-pointer font-medium">
        By the rules of today: {newer.total}. This piece is marked by those that it was handed out with.
      </summary>
      {newer.differences.length === 0 ? (
        <p className="pt-2">No line differs.</p>
      ) : (
        <ul className="grid gap-2 pt-2">
          {newer.differences.map(({ id, title, proposed, newer: now, reason }) => (
            <li key={id}>
              <span className="font-medium">{title}:</span>{' '}
              <span className="figures">{points(proposed)}</span> here,{' '}
              <span className="figures">{points(now)}</span> by rules {newer.rules}. {reason}
            </li>
          ))}
        </ul>
      )}
    </details>
  );
}
