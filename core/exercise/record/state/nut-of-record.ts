import { reckonNut, type NutReckoning } from '@/core/measuring/nut/reckon-nut';
import type { Sheet } from '../../sheet/sheet';
import { lengthIn } from '@/core/base/units/length';
import { travelOf } from '@/core/machine/lathe/dial-count';
import { limitsOfSheet } from './limits-of-sheet';
import type { TriesSoFar } from './tries-so-far';

/** What the trials of the last piece that was tried say, each at its own depth; null without a trial. */
export function nutOfRecord(
  sheet: Sheet,
  tries: TriesSoFar,
): { evidenceId: string; reckoning: NutReckoning } | null {
  const evidenceId = tries.last;
  if (evidenceId === null) return null;
  const evidence = sheet.proof.find(({ id }) => id === evidenceId);
  const { unit } = sheet.thread;
  const reckoning = reckonNut(
    {
      limits: limitsOfSheet(sheet),
      nut: evidence?.nut ?? null,
      trials: tries.of.get(evidenceId)?.all() ?? [],
      feedAngleDeg: sheet.feed.angleDeg,
      graduation: lengthIn(travelOf(1, sheet.lathe.dial), unit),
    },
    unit,
  );
  return { evidenceId, reckoning };
}
