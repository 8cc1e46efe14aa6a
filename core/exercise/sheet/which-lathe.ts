import { NO_BOOK } from '../plan/plan-book';
import { HOLDINGS, HOLDING_DATA } from '@/core/machine/technique/holdings';
import { leadOfThread } from '@/core/machine/gearing/lead-of-thread';
import type { Lathe } from '@/core/machine/lathe/lathe';
import type { Plan } from '../plan/plan';
import type { ShopWords } from '@/core/machine/shop/words-document';
import { DRIVE_DATA, type RealDrive, REAL_DRIVES } from '@/core/machine/technique/drives';
import { forbiddenOn } from '@/core/machine/technique/forbidden';
import { techniqueWords } from '@/core/machine/technique/technique-words';
import type { Way } from '@/core/machine/technique/way';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { refusedByLathe } from './refused-by-lathe';
import type { Sheet } from './sheet';
import { sheetFor } from './sheet-for';
import { wayOfPlan } from './way-of-plan';

/** What a lathe of the shop says to a plan. */
export interface LatheAnswer {
  /** `care`: it can, with something that is not known of it, or otherwise than the plan asks. */
  can: 'yes' | 'care' | 'no';
  /** By which technique, in words. */
  by: string;
  sheet: Sheet;
  /** Why it can not. */
  refused: string[];
  /** What is to be known, or is not written down of it. */
  notes: string[];
  /** What works there without what is missing. */
  offers: string[];
}

/** Whether a lathe can do what a plan asks, by which technique, how near, how fast, and what is missing. */
export function whichLathe(plan: Plan, lathe: Lathe, words: ShopWords): LatheAnswer {
  const sheet = sheetFor({ plan, lathe, book: NO_BOOK, words });
  const refused = refusedByLathe(plan, lathe);
  const asked = plan.technique.drive;
  const { drive } = sheet.way;
  const notes = [
    ...(asked !== 'free' && asked !== drive ? [`Otherwise than planned: ${sheet.dial.says[0] ?? ''}`] : []),
    ...notesOf(sheet, lathe),
  ];
  return {
    can: refused.length > 0 ? 'no' : notes.length > 0 ? 'care' : 'yes',
    by: DRIVE_DATA[drive as RealDrive].name(techniqueWords(words, sheet.words.work)),
    sheet,
    refused,
    notes,
    offers: refused.length > 0 ? offersOf(plan, lathe) : [],
  };
}

function notesOf({ gearing, dial, speed, compound, feed }: Sheet, lathe: Lathe): string[] {
  return [
    ...(gearing.from === 'nothing' ? gearing.says.filter((says) => says.startsWith(lathe.name)) : []),
    ...(gearing.errorPpm !== null && gearing.errorPpm !== 0
      ? gearing.says.filter((says) => says.startsWith('Not exact'))
      : []),
    ...(dial.use === 'not-known' ? ['Its thread dial is not written down.'] : []),
    ...(lathe.spindle.speeds.length === 0 ? ['Its speeds are not written down.'] : []),
    ...(speed.timeInRunOut !== null && speed.timeInRunOut < speed.reactionSeconds - 1e-9
      ? [
          `${speed.rpm < speed.asked ? 'Even ' : ''}${Math.round(speed.rpm)} rpm leaves only ${Math.max(0, speed.timeInRunOut).toFixed(1)} s: a wider run-out, or another technique.`,
        ]
      : []),
    ...(speed.surfaceUsual !== null && speed.surfacePerMinute > speed.surfaceUsual
      ? ['The surface runs faster than is usual for this material: take a slower speed.']
      : []),
    ...(speed.cap === null ? [] : [speed.cap]),
    ...(compound.offScale && feed.slide === 'compound'
      ? ['Its swivel scale does not reach this angle: set it by a protractor.']
      : []),
  ];
}

/** One thing changed at a time, in the order in which it costs least. */
const CHANGES: { says: string; change: Partial<Way> }[] = [
  ...REAL_DRIVES.map((drive) => ({ says: DRIVE_DATA[drive].offered, change: { drive } })),
  ...HOLDINGS.flatMap((holding) => {
    const says = HOLDING_DATA[holding].offered;
    return says === null ? [] : [{ says, change: { holding } }];
  }),
  { says: 'plunged by the dial', change: { infeed: 'plunge' } },
  { says: 'cut toward the headstock', change: { direction: 'toward-headstock' } },
];

function offersOf(plan: Plan, lathe: Lathe): string[] {
  const read = parseDesignation(plan.thread.designation);
  if (!read.ok) return [];
  const { thread } = read.value;
  const lead = leadOfThread(thread);
  const asked = wayOfPlan(plan, thread);
  return CHANGES.filter(({ change }) => {
    const way = { ...asked, ...change };
    if (Object.entries(change).every(([name, value]) => asked[name as keyof Way] === value)) return false;
    if ('holding' in change && !HOLDING_DATA[way.holding].sides.includes(way.side)) return false;
    return forbiddenOn(way, way.drive, lathe, lead).every(
      ({ severity, code }) => severity !== 'refuse' && code !== 'no-trip',
    );
  }).map(({ says }) => says);
}
