import { redirect } from 'next/navigation';
import { classBoard } from '@/data/class-board';
import { guardedPage } from '@/app/server/page-guard';
import { lastClass } from '@/app/server/class-on-view';
import { rowId } from '@/app/server/handle';
import { ClassBoardView } from '@/ui/views/class/class-board-view';

export const dynamic = 'force-dynamic';

/** The class, for instructors and helpers. `?class=2&page=3&tries=all`: one page of the board of one of the viewer's classes. */
export default async function ClassPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const query = await searchParams;
  const number = (name: string) => {
    const value = query[name];
    return typeof value === 'string' ? rowId(value) : null;
  };
  const order = {
    classId: number('class'),
    lastSeen: await lastClass(),
    page: number('page') ?? 1,
    allTries: query.tries === 'all',
  };
  return guardedPage(
    (who) => {
      // A student's home is the bench: what is next, not a table with one row.
      if (who.role === 'student') redirect('/bench');
      return classBoard(who, order);
    },
    (board, who) => <ClassBoardView {...board} who={who} />,
  );
}
