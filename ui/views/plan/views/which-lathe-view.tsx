'use client';

import { DRIVE_DATA, USUAL_DRIVE } from '@/core/machine/technique/drives';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Fragment, useDeferredValue, useMemo } from 'react';
import { whichLathe } from '@/core/exercise/sheet/which-lathe';
import { Button } from '@/ui/kit/button';
import { RuledTable } from '@/ui/kit/ruled-table';
import { StandingMark } from '@/ui/kit/state-mark';
import { useSay, useShopWords } from '@/ui/kit/shop-words';
import { writeSetting } from '@/ui/kit/settings';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';

const COLUMNS = [
  { title: 'Lathe' },
  { title: 'Can it' },
  { title: 'By' },
  { title: 'Gearing' },
  { title: 'Dial' },
  { title: 'rpm', number: true },
  { title: 'Left', number: true },
  { title: 'Graduation', number: true },
] as const;

const CAN = { yes: 'yes', care: 'with care', no: 'no' } as const;
const STANDING = { yes: 'good', care: 'attend', no: 'bad' } as const;
const byText = (drive: Sheet['way']['drive']): string =>
  drive === 'unknown' ? 'not known here' : DRIVE_DATA[drive === 'free' ? USUAL_DRIVE : drive].by;
const FROM = {
  'quick-change': 'levers',
  'change-gears': 'chart gears',
  stock: 'gears of its stock',
  nothing: 'its own chart',
  'not-kept': '',
} as const;
const DIAL = {
  marks: 'marks',
  'any-place': 'anywhere',
  'kept-closed': 'kept closed',
  trip: 'trip',
  'not-known': 'not known',
  'not-kept': '',
} as const;

/** The lathes of the shop side by side, for this plan: can it, by which technique, how near, how fast, what is missing. */
export default function WhichLatheView() {
  const { read, lathe: lookedAt, lathes } = usePlanning();
  const words = useShopWords();
  const say = useSay();
  // Typing goes on while the lathes are asked.
  const plan = useDeferredValue(read.plan);
  const answers = useMemo(
    () =>
      plan === null
        ? []
        : lathes.map(({ id, lathe }) => ({ id, lathe, answer: whichLathe(plan, lathe, words) })),
    [plan, lathes, words],
  );
  if (plan === null) return <p className="p-4">A field of the plan is still to mend.</p>;
  if (lathes.length === 0) return <p className="p-4">The shop has no lathe yet: make one under Shop.</p>;
  return (
    <RuledTable caption="Lathes of the shop for this plan" stays columns={COLUMNS}>
      {answers.map(({ id, lathe, answer }) => {
        const { sheet, can, by, refused, notes, offers } = answer;
        const known = [...refused, ...notes];
        return (
          <Fragment key={id}>
            <tr className={known.length === 0 ? 'border-b border-rule align-top' : 'align-top'}>
              <th scope="row" className="px-2 py-2 text-left font-medium whitespace-nowrap">
                <span className="block">{lathe.name}</span>
                {lathe === lookedAt ? (
                  <span className="block text-xs font-normal text-ink-soft">looked at</span>
                ) : (
                  <Button tone="quiet" className="block" onClick={() => writeSetting('lathe', String(id))}>
                    Look at it
                  </Button>
                )}
              </th>
              <td className="px-2 py-2 whitespace-nowrap">
                <span className="flex items-center gap-1.5">
                  <StandingMark standing={STANDING[can]} size={18} /> {CAN[can]}
                </span>
              </td>
              <td className="px-2 py-2" title={say(by)}>
                {say(byText(sheet.way.drive))}
              </td>
              <td className="px-2 py-2">
                {FROM[sheet.gearing.from]}
                {sheet.gearing.errorPpm !== null && (
                  <span className="figures block text-xs text-ink-soft">
                    {sheet.gearing.errorPpm === 0
                      ? 'exact'
                      : `${sheet.gearing.errorPpm > 0 ? '+' : ''}${sheet.gearing.errorPpm.toFixed(0)} ppm`}
                  </span>
                )}
              </td>
              <td className="px-2 py-2">
                {DIAL[sheet.dial.use]}
                {sheet.dial.use === 'marks' && (
                  <span className="block text-xs text-ink-soft">{sheet.dial.groups[0]}</span>
                )}
              </td>
              <td className="figures px-2 py-2 text-right">{Number(sheet.speed.rpm.toFixed(0))}</td>
              <td className="figures px-2 py-2 text-right whitespace-nowrap">
                {sheet.speed.timeInRunOut === null
                  ? '–'
                  : `${Math.max(0, sheet.speed.timeInRunOut).toFixed(1)} s`}
              </td>
              <td className="figures px-2 py-2 text-right">
                {sheet.feed.slide === 'compound' && !sheet.compound.offScale
                  ? `${Number(sheet.compound.markDeg.toFixed(2))}°`
                  : '–'}
              </td>
            </tr>
            {known.length > 0 && (
              <tr className="border-b border-rule align-top">
                <td colSpan={COLUMNS.length} className="px-2 pb-2 pl-6 text-sm">
                  {known.map((text) => (
                    <span key={text} className="block">
                      {say(text)}
                    </span>
                  ))}
                  {offers.length > 0 && (
                    <span className="block text-ink-soft">{say(`It works ${offers.join('; ')}.`)}</span>
                  )}
                </td>
              </tr>
            )}
          </Fragment>
        );
      })}
    </RuledTable>
  );
}
