import type { ReactNode } from 'react';

/** The strip on layout blue that stays in view: the figures that the work aims at. */
export function TargetStrip({
  label,
  fitting = false,
  children,
}: {
  label: string;
  /** Columns as wide as their words ask for; equal ones otherwise, which cost less while typing. */
  fitting?: boolean;
  children: ReactNode;
}) {
  return (
    <section
      aria-label={label}
      className={`${fitting ? 'auto-cols-[minmax(max-content,1fr)]' : 'auto-cols-fr'} grid contain-content grid-flow-col items-start gap-x-4 border-y border-dye-deep bg-dye px-4 py-2 text-scribe tablet:gap-x-2 tablet:px-3`}
    >
      {children}
    </section>
  );
}
