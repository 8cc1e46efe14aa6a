import type { Metadata } from 'next';
import { loadFloor } from '@/data/floor';
import { guardedPage } from '@/app/server/page-guard';
import { lastClass } from '@/app/server/class-on-view';
import { rowId } from '@/app/server/handle';
import { FloorView } from '@/ui/views/floor/floor-view';

export const metadata: Metadata = { title: 'Floor' };

/** `?class=2`: the floor of one of the viewer's classes. */
export default async function FloorPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const text = (await searchParams).class;
  const classId = typeof text === 'string' ? rowId(text) : null;
  const lastSeen = await lastClass();
  return guardedPage(
    (who) => loadFloor(who, classId, lastSeen),
    (floor, who) => <FloorView key={floor.classId} first={floor} who={{ ...who, role: floor.role }} />,
  );
}
