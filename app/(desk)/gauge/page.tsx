import type { Metadata } from 'next';
import { benchHome } from '@/data/bench';
import { loadFloor } from '@/data/floor';
import { guardedPage } from '@/app/server/page-guard';
import { rowId } from '@/app/server/handle';
import { GaugeStandIn } from '@/ui/parts/gauge/gauge-stand-in';

export const metadata: Metadata = { title: 'Simulated gauge' };

/** `?piece=12`: a stand-in for a digital gauge, for pieces that the viewer may see. */
export default async function GaugePage({ searchParams }: { searchParams: Promise<{ piece?: string }> }) {
  const { piece } = await searchParams;
  return guardedPage(
    async (who) => {
      if (who.role === 'student') {
        const home = await benchHome(who);
        return 'done' in home
          ? { done: home.done.pieces.map(({ attemptId, title }) => ({ attemptId, text: title })) }
          : home;
      }
      const floor = await loadFloor(who);
      return 'done' in floor
        ? {
            done: floor.done.pieces.map(({ attemptId, student, exercise }) => ({
              attemptId,
              text: `${exercise}: ${student}`,
            })),
          }
        : floor;
    },
    (pieces, who) => (
      <GaugeStandIn who={who} pieces={pieces} piece={typeof piece === 'string' ? rowId(piece) : null} />
    ),
  );
}
