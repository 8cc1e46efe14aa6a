/** Both flanks alike, and one of them a staircase: what a compound set from the wrong axis leaves. */
export function FlankPictures() {
  const look = { fill: 'none', stroke: 'currentColor', strokeWidth: 3 } as const;
  return (
    <div className="flex gap-6 text-ink">
      <figure className="grid justify-items-center gap-1">
        <svg role="img" aria-label="Right: two straight flanks" viewBox="0 0 120 70" className="h-20">
          <path {...look} d="M0 8H22L55 62H65L98 8H120" />
        </svg>
        <figcaption className="text-sm">● right: both straight</figcaption>
      </figure>
      <figure className="grid justify-items-center gap-1 text-nogo">
        <svg role="img" aria-label="Wrong: one flank is a staircase" viewBox="0 0 120 70" className="h-20">
          <path {...look} d="M0 8H18L50 62H58L62 50L68 52L72 38L80 40L84 26L94 28L98 12L106 14L108 8H120" />
        </svg>
        <figcaption className="text-sm">⊘ wrong: one is a staircase</figcaption>
      </figure>
    </div>
  );
}
