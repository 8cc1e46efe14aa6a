import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Chips } from './chips';

/** As it is told, or another start: with several of them, which one was really cut; empty: as told. */
export function WhichStart({
  sheet: { thread },
  chosen,
  onChoose,
}: {
  sheet: Sheet;
  chosen: string;
  onChoose: (start: string) => void;
}) {
  if (thread.starts === 1) return null;
  const starts = Array.from({ length: thread.starts }, (_, index) => String(index + 1));
  return (
    <Chips
      label="Start"
      chosen={chosen}
      options={[{ id: '', text: 'as told' }, ...starts.map((start) => ({ id: start, text: start }))]}
      onChoose={onChoose}
    />
  );
}

/** The same as it is recorded. */
export const startFields = (start: string): Record<string, string> => (start === '' ? {} : { start });
