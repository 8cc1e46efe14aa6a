import type { Metadata } from 'next';
import { randomInt } from 'node:crypto';
import { guardedPage } from '@/app/server/page-guard';
import { PracticeView } from '@/ui/views/practice/practice-view';

export const metadata: Metadata = { title: 'Practice' };

/** Practice sheets without an exercise: other numbers each time. */
export default async function PracticePage() {
  return guardedPage(
    () => Promise.resolve({ done: randomInt(1, 2 ** 30) }),
    (seed, who) => <PracticeView who={who} seed={seed} />,
  );
}
