import type { ReactNode } from 'react';

/** The strip on layout blue that stays in view: the figures that the work aims at. */
export function TargetStrip({ label, children }: { label: string; children: ReactNode }) {
  return (
    <section
      aria-label={label}
      className="grid contain-content auto-cols-fr grid-flow-col items-start gap-x-4 border-y border-dye-deep bg-dye px-4 py-2 text-scribe tablet:gap-x-2 tablet:px-3"
    >
      {children}
    </section>
  );
}
