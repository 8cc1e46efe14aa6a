import type { Metadata } from 'next';
import Link from 'next/link';
import { loadAttempt } from '@/data/attempts';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { SetupCard } from '@/ui/card/setup-card';
import { Notice } from '@/ui/shell/notice';

export const metadata: Metadata = { title: 'Card' };

export default async function AttemptCardPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idOf((await params).id);
  const back = `/attempts/${id}`;
  return guardedPage(
    (who) => loadAttempt(who, id),
    ({ sheet, revision, student, tryNumber }) =>
      sheet === null ? (
        <Notice title="Choose the lathe first">
          <p>
            The card is made for one lathe.{' '}
            <Link href={back} className="underline">
              Go back to the work
            </Link>
          </p>
        </Notice>
      ) : (
        <SetupCard
          sheet={sheet}
          revision={revision}
          student={student.name}
          tryNumber={tryNumber}
          back={back}
        />
      ),
  );
}
