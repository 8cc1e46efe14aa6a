import { entryWords } from '@/core/exercise/record/entry/entry-words';
import type { Entry } from '@/core/exercise/record/entry/entry';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Button } from '@/ui/kit/button';
import type { AttemptRecord } from './use-record';

/** What came late from a device that no longer led: each stands, or is struck out, when a person has looked. */
export function LateEntries({
  sheet,
  late,
  add,
}: {
  sheet: Sheet;
  late: readonly Entry[];
  add: AttemptRecord['add'];
}) {
  return (
    <section
      aria-label="Late from another device"
      className="mb-4 grid gap-2 border-l-8 border-brass-bright bg-brass-wash p-4"
    >
      <h2 className="text-2xl">Late from another device</h2>
      <p>It was made before this device took over, and counts. Does it stand?</p>
      <ul className="grid gap-2">
        {late.map((entry) => {
          const { title, detail } = entryWords(entry, sheet);
          return (
            <li key={entry.id} className="flex flex-wrap items-center gap-3 text-lg">
              <span className="flex-1">
                <strong className="font-semibold">{title}</strong> <span className="figures">{detail}</span>
              </span>
              <Button size="bench" onClick={() => void add({ kind: 'looked-over', entryId: entry.id })}>
                It stands
              </Button>
              <Button
                size="bench"
                onClick={() =>
                  void add({
                    kind: 'strike',
                    entryId: entry.id,
                    reason: 'Made before another device took over.',
                  })
                }
              >
                Strike it out
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
