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
    <>
      {cap !== null && <p className="text-brass">{cap.reason}</p>}
      <ul aria-label="Lines that lost most" className="grid gap-1 text-sm">
        {lost.slice(0, 4).map(({ id, title, proposed, max, reason }) => (
          <li key={id} className="grid grid-cols-[5.5rem_minmax(0,1fr)] gap-2">
            <span className="figures whitespace-nowrap">
              {proposed} of {max}
            </span>
            <span>
              <strong>{title}</strong>: {reason}
            </span>
          </li>
        ))}
      </ul>
      {lost.length > 4 && (
        <p className="text-sm text-ink-soft">{lost.length - 4} more lines lost something: see “mark”.</p>
      )}
      <div className="sticky bottom-0 z-10 flex items-center justify-between gap-4 border-t-2 border-l-8 border-dye bg-paper px-4 py-2">
        <p>
          <span className="block text-sm">Proposed</span>
          <strong className="figures text-3xl">{said}</strong>
        </p>
        {blocked === null ? (
          <Button
            tone="main"
            size="bench"
            className="min-h-14 flex-1 text-xl"
            disabled={busy}
            onClick={onConfirm}
          >
            Confirm {said}
          </Button>
        ) : (
          <Message tone="warning">{blocked}</Message>
        )}
      </div>
    </>
  );
}
