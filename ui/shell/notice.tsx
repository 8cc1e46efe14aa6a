import type { ReactNode } from 'react';

/** A whole page that says one thing: what happened, and what to do. */
export function Notice({ title, children }: { title: string; children: ReactNode }) {
  return (
    <main className="grid min-h-dvh place-items-center bg-dye-deep p-6">
      <div className="grid w-[34rem] max-w-full gap-3 border-t-8 border-brass-bright bg-paper-raised p-8">
        <h1 className="text-3xl">{title}</h1>
        {children}
      </div>
    </main>
  );
}
