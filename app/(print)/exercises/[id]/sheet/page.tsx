import type { Metadata } from 'next';
import { loadPlanSheet } from '@/data/plan-sheet';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { rowId } from '@/app/server/handle';
import { SetupSheet } from '@/ui/parts/sheet/setup-sheet';
import { sheetFiles } from '@/ui/parts/sheet/sheet-files';
import { Notice } from '@/ui/shell/notice';
import { PageLink } from '@/ui/kit/page-link';

export const metadata: Metadata = { title: 'Set-up sheet' };

/** The sheet of the plan as it stands, on the lathe of `?lathe=`: the draft, or the revision when nothing changed since. */
export default async function ExerciseCardPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const id = idOf((await params).id);
  const { lathe } = await searchParams;
  const latheId = typeof lathe === 'string' ? rowId(lathe) : null;
  const back = `/exercises/${id}`;
  return guardedPage(
    (who) => loadPlanSheet(who, id, latheId),
    ({ sheet, revision }) =>
      sheet === null ? (
        <Notice title="The plan is not whole yet">
          <p>
            A field is still to mend.{' '}
            <PageLink href={back} className="underline">
              Go back to the plan
            </PageLink>
          </p>
        </Notice>
      ) : (
        <SetupSheet
          sheet={sheet}
          revision={revision}
          student={null}
          tryNumber={null}
          back={back}
          files={sheetFiles(`/api/exercises/${id}/sheet`, latheId === null ? '' : `lathe=${latheId}`)}
        />
      ),
  );
}
