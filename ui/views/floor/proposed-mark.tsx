import type { MarkProposal } from '@/core/exercise/marking/mark-line';
import { gradeOf } from '@/core/exercise/marking/scale';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';

/** The mark that follows, with the lines that lost most. */
export function ProposedMark({
  proposal,
  busy,
  onConfirm,
}: {
  proposal: MarkProposal;
  busy: boolean;
  onConfirm: () => void;
}) {
  const { lines, cap, total, blocked, scale } = proposal;
  const lost = lines
    .filter(({ proposed, max }) => proposed < max)
    .toSorted((a, b) => b.max - b.proposed - (a.max - a.proposed));
  const said = scale === null || scale.kind === 'points' ? `${total}` : `${gradeOf(scale, total)} (${total})`;
  return (
    <div className="sticky bottom-0 z-10 grid gap-2 border-t-2 border-l-8 border-dye bg-paper px-4 py-2">
      <p className="flex items-baseline justify-between">
        <strong className="text-lg">Proposed</strong>
        <span className="figures text-3xl">{said}</span>
      </p>
      {cap !== null && <p className="text-brass">{cap.reason}</p>}
      <ul className="grid gap-1 text-sm">
        {lost.slice(0, 3).map(({ id, title, proposed, max, reason }) => (
          <li key={id} className="grid grid-cols-[4rem_minmax(0,1fr)] gap-2">
            <span className="figures">
              {proposed} of {max}
            </span>
            <span>
              <strong>{title}</strong>: {reason}
            </span>
          </li>
        ))}
      </ul>
      {lost.length > 3 && (
        <p className="text-sm text-ink-soft">{lost.length - 3} more lines lost something: see “mark”.</p>
      )}
      {blocked === null ? (
        <Button tone="main" size="bench" className="min-h-16 text-xl" disabled={busy} onClick={onConfirm}>
          Accept: {said}
        </Button>
      ) : (
        <Message tone="warning">{blocked}</Message>
      )}
    </div>
  );
}
