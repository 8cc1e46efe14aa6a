import type { Metadata } from 'next';
import { loadAttempt } from '@/data/attempts';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { SetupSheet } from '@/ui/parts/sheet/setup-sheet';
import { sheetFiles } from '@/ui/parts/sheet/sheet-files';
import { Notice } from '@/ui/shell/notice';
import { PageLink } from '@/ui/kit/page-link';

export const metadata: Metadata = { title: 'Set-up sheet' };

export default async function AttemptCardPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idOf((await params).id);
  const back = `/attempts/${id}`;
  return guardedPage(
    (who) => loadAttempt(who, id),
    ({ sheet, worksheet, revision, student, tryNumber }) =>
      sheet === null ? (
        <Notice title={worksheet === null ? 'Choose the lathe first' : 'Finish the worksheet first'}>
          <p>
            {worksheet === null ? 'The sheet is made for one lathe.' : 'The sheet opens when it is through.'}{' '}
            <PageLink href={back} className="underline">
              Go back to the work
            </PageLink>
          </p>
        </Notice>
      ) : (
        <SetupSheet
          sheet={sheet}
          revision={revision}
          student={student.name}
          tryNumber={tryNumber}
          back={back}
          files={sheetFiles(`/api/attempts/${id}/sheet`)}
        />
      ),
  );
}
