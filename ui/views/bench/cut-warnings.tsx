import { TriangleAlert } from 'lucide-react';
import { CUT_WARNINGS, type CutWarning } from '@/core/exercise/record/entry/cut-warning';

/** What a cut would do, said before it is made. */
export function CutWarnings({ codes }: { codes: readonly CutWarning[] }) {
  if (codes.length === 0) return null;
  return (
    <ul aria-label="Before the cut" className="grid gap-2">
      {codes.map((code) => (
        <li key={code} className="flex gap-3 border-l-8 border-brass bg-brass-wash p-3 text-xl">
          <TriangleAlert aria-hidden className="mt-1 size-6 shrink-0 text-brass" />
          {CUT_WARNINGS[code]}
        </li>
      ))}
    </ul>
  );
}
