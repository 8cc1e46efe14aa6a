import { classBoard } from '@/data/class-board';
import { guardedPage } from '@/app/server/page-guard';
import { ClassBoardView } from '@/ui/board/class-board-view';

export const dynamic = 'force-dynamic';

export default function ClassPage() {
  return guardedPage(async (who) => <ClassBoardView {...await classBoard(who)} who={who} />);
}
