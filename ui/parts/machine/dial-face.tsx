import type { Sheet } from '@/core/exercise/sheet/sheet';

const R = 100;

/** Part of a turn as a number. */
export function placeOf(at: string): number {
  const [over = '0', under = '1'] = at.split('/');
  return Number(over) / Number(under);
}

/**
 * The face of a thread dial with the machine's own labels, turned by a part of a turn; its index stands on top. Marks of
 * the first safe set are filled, those of the others hollow: never told by colour alone.
 */
export function DialFace({
  dial,
  turned,
  chosen = 0,
  size = 260,
}: {
  dial: Pick<Sheet['dial'], 'marks' | 'gearTeeth'>;
  /** Parts of a turn by which the dial has gone on. */
  turned: number;
  /** The set of marks that is safe now. */
  chosen?: number;
  size?: number;
}) {
  const safe = dial.marks.filter(({ group }) => group === chosen).map(({ name }) => name);
  return (
    <svg
      role="img"
      aria-label={`Thread dial with ${dial.marks.length} marks; safe together: ${safe.join(', ')}.`}
      viewBox="-125 -135 250 260"
      width={size}
      height={size}
      className="block"
    >
      <circle r={R + 14} fill="var(--color-dye)" stroke="var(--color-scribe)" strokeWidth="1.5" />
      <path d="M0 -128L-8 -112H8Z" fill="var(--color-brass-bright)" stroke="var(--color-scribe)" />
      <g transform={`rotate(${-turned * 360})`} data-part="dial">
        <circle r={R} fill="var(--color-dye-deep)" stroke="var(--color-scribe)" strokeWidth="1.5" />
        {dial.marks.map(({ label, at, group, name }, index) => {
          const angle = placeOf(at) * 360;
          const on = group === chosen;
          return (
            <g key={`${name}-${index}`} transform={`rotate(${angle})`}>
              <path
                d={`M0 ${-R}V${-R + (label === '' ? 16 : 24)}`}
                stroke="var(--color-scribe)"
                strokeWidth={on ? 5 : 1.5}
                strokeDasharray={on ? undefined : '4 3'}
              />
              <text
                y={-R + 44}
                textAnchor="middle"
                fontSize="22"
                className="figures"
                fill={on ? 'var(--color-scribe)' : 'var(--color-scribe-dim)'}
              >
                {label}
              </text>
            </g>
          );
        })}
        <circle r="7" fill="var(--color-dye-soft)" stroke="var(--color-scribe)" />
      </g>
    </svg>
  );
}
