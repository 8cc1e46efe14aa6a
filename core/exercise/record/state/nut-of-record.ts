import { reckonNut, type NutReckoning } from '@/core/measuring/nut/reckon-nut';
import type { Sheet } from '../../sheet/sheet';
import { lengthIn } from '@/core/base/units/length';
import { travelOf } from '@/core/machine/lathe/dial-count';
import { isKind, type Entry } from '../entry/entry';
import { limitsOfSheet } from './limits-of-sheet';
import { trialsOfPiece } from './trials-of-piece';

/** What the trials of the last piece that was tried say, each at its own depth; null without a trial. */
export function nutOfRecord(
  sheet: Sheet,
  live: readonly Entry[],
): { evidenceId: string; reckoning: NutReckoning } | null {
  const last = live.findLast(isKind('trial'));
  if (last === undefined) return null;
  const { evidenceId } = last.content;
  const evidence = sheet.proof.find(({ id }) => id === evidenceId);
  const { unit } = sheet.thread;
  const reckoning = reckonNut(
    {
      limits: limitsOfSheet(sheet),
      nut: evidence?.nut ?? null,
      trials: trialsOfPiece(sheet, live, evidenceId),
      feedAngleDeg: sheet.feed.angleDeg,
      graduation: lengthIn(travelOf(1, sheet.lathe.dial), unit),
    },
    unit,
  );
  return { evidenceId, reckoning };
}
