import { EMPTY_ROW, type RowForm } from '../../plan/draft';
import { holdChoice } from '../../plan/hold-choice';
import type { Sheet } from '../../sheet/sheet';
import { roundTo } from '@/core/base/units/round';
import { dialTravel } from './feed';
import type { Prediction } from './predict';

/**
 * What was really cut and checked, as an own table of a plan: infeeds as travel of the slide, stops where they were
 * kept. Cuts whose reading was not taken are left out: nobody can say how deep they went.
 */
export function rowsFromLog(sheet: Sheet, { cuts, stops }: Pick<Prediction, 'cuts' | 'stops'>): RowForm[] {
  const { unit } = sheet.lathe.dial.graduation;
  const ofFirstStart = cuts.filter(({ entry, readingTaken }) => entry.content.start === 1 && readingTaken);
  let before: string = sheet.way.drive;
  return ofFirstStart.flatMap(({ infeed, row, entry }): RowForm[] => {
    const spring = Math.abs(infeed) < 1e-9;
    const { drive } = entry.content;
    const cut: RowForm = {
      ...EMPTY_ROW,
      kind: spring ? 'spring' : (row?.kind ?? 'finish') === 'spring' ? 'finish' : (row?.kind ?? 'finish'),
      infeed: spring ? '' : `${roundTo(dialTravel(sheet, infeed), 6)} ${unit}`,
      // A row changes the drive from there on.
      drive: drive !== null && drive !== before ? drive : '',
    };
    before = drive ?? before;
    const kept = stops.filter(({ stop, state }) => state === 'kept' && stop.after === row?.n);
    return [
      ...(infeed < -1e-9 ? [] : [cut]),
      ...kept.map(({ stop }): RowForm => ({
        ...EMPTY_ROW,
        what: 'stop',
        check: stop.check,
        hold: holdChoice(stop),
      })),
    ];
  });
}
