import { hasTailstock } from '@/core/machine/technique/holdings';
import { catchesMarks } from '@/core/machine/technique/drives';
import { randomFrom } from '@/core/base/chance/random';
import { maxRpm } from '@/core/machine/technique/speed-limit';
import type { SlipCase } from '@/core/learning/slip/slip-case';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import type { Thread } from '@/core/thread/standards/thread';
import { formatLength } from '@/core/base/units/format-length';
import { ASK_TITLES, isSlipQuantity, type WorksheetAsk } from '@/core/learning/worksheet/asks';
import { BEFORE, ORDERED_STEPS } from '@/core/learning/worksheet/step-order';
import { figureQuestion } from '@/core/learning/worksheet/figure-questions';
import { SAFETY_CHOICES } from '@/core/learning/worksheet/safety-choices';
import type { WorksheetQuestion } from '@/core/learning/worksheet/question';
import type { Sheet } from './sheet';

type SheetSoFar = Omit<Sheet, 'words' | 'worksheet'>;

/** A speed is right within so much of the highest (common practice: nobody sets it closer). */
const SPEED_SHARE = 0.05;

/** The questions of a worksheet as far as this lathe and this way have them, with what is right. */
export function sheetWorksheet(
  asks: readonly WorksheetAsk[],
  sheet: SheetSoFar,
  thread: Thread,
): WorksheetQuestion[] {
  const slipCase = slipCaseFor(sheet, thread);
  return asks.flatMap((ask): WorksheetQuestion[] => {
    if (isSlipQuantity(ask)) {
      const question = figureQuestion(slipCase, ask);
      return question === null ? [] : [question];
    }
    const question =
      ask === 'spindleSpeed'
        ? speedQuestion(sheet)
        : ask === 'safeMarks'
          ? marksQuestion(sheet)
          : ask === 'stepOrder'
            ? orderQuestion(sheet)
            : safetyQuestion(sheet);
    return question === null ? [] : [question];
  });
}

/** What the figures of a frozen sheet follow from; null where this release can not read its thread. */
export function slipCaseOf(sheet: Sheet): SlipCase | null {
  const read = parseDesignation(sheet.thread.designation);
  return read.ok ? slipCaseFor(sheet, read.value.thread) : null;
}

function slipCaseFor(
  { tip, feed, compound, lathe, workDiameter, targetPitchDiameter, wires }: SheetSoFar,
  thread: Thread,
): SlipCase {
  const byCompound = feed.slide === 'compound' && !compound.offScale;
  return {
    thread,
    workDiameter,
    tip: !tip.known
      ? null
      : tip.kind === 'flat'
        ? { kind: 'flat', flat: tip.size }
        : tip.kind === 'radius'
          ? { kind: 'radius', radius: tip.size }
          : { kind: 'sharp' },
    compoundAngleDeg: byCompound ? compound.angleDeg : null,
    zeroAlong: byCompound ? lathe.zeroAlong : null,
    pitchDiameter: targetPitchDiameter,
    wire: wires.diameter,
  };
}

const question = (
  id: WorksheetAsk,
  kind: WorksheetQuestion['kind'],
  more: Partial<WorksheetQuestion>,
): WorksheetQuestion => ({
  id,
  title: ASK_TITLES[id],
  kind,
  givens: [],
  unit: null,
  expected: null,
  tolerance: 0,
  decimals: 0,
  options: [],
  wanted: [],
  before: [],
  ...more,
});

/** The highest speed that leaves the hand its time in the run-out; null where nothing limits it. */
function speedQuestion({ speed, thread }: SheetSoFar): WorksheetQuestion | null {
  const highest = maxRpm(speed.limit, thread.lead, speed.reactionSeconds);
  if (highest === null || speed.limit.usable === null) return null;
  const length = (value: number) => `${formatLength({ value, unit: thread.unit })} ${thread.unit}`;
  const { runDownTurns, usable } = speed.limit;
  return question('spindleSpeed', 'figure', {
    givens: [
      { name: 'Usable width of the run-out', value: length(usable) },
      { name: 'Lead', value: length(thread.lead) },
      { name: 'Time that the hand needs', value: `${speed.reactionSeconds} s` },
      ...(runDownTurns > 0 ? [{ name: 'Turns that the spindle runs on', value: `${runDownTurns}` }] : []),
    ],
    unit: 'rpm',
    expected: highest,
    tolerance: highest * SPEED_SHARE,
  });
}

/** Which marks are safe after the first was caught; null where the dial is not used. */
function marksQuestion({ dial, thread, gearing }: SheetSoFar): WorksheetQuestion | null {
  const first = dial.marks.find(({ group }) => group !== null);
  if (dial.use !== 'marks' || first === undefined || dial.marks.length < 2) return null;
  const names = dial.marks.map(({ label, name }) => (label === '' ? name : label));
  // A label that stands at two marks names both: then the marks go by their longer names.
  const unique = new Set(names).size === names.length;
  const nameOf = ({ label, name }: (typeof dial.marks)[number]) => (unique && label !== '' ? label : name);
  const options = dial.marks.map(nameOf);
  if (new Set(options).size !== options.length) return null;
  return question('safeMarks', 'marks', {
    givens: [
      { name: 'Thread', value: thread.pitchText },
      { name: 'First caught at', value: nameOf(first) },
      ...(gearing.says[0] === undefined ? [] : [{ name: 'Lathe', value: gearing.says[0].slice(0, 120) }]),
    ],
    options,
    wanted: dial.marks.filter(({ group }) => group === first.group).map(nameOf),
  });
}

function orderQuestion({ steps, title }: SheetSoFar): WorksheetQuestion | null {
  const asked = ORDERED_STEPS.flatMap((id) => steps.find((step) => step.id === id) ?? []);
  if (asked.length < 3) return null;
  const titleOf = (id: string) => asked.find((step) => step.id === id)?.title ?? null;
  const inOrder = steps.filter((step) => asked.includes(step)).map((step) => step.title);
  return question('stepOrder', 'order', {
    options: shuffled(inOrder, title.length + inOrder.length),
    wanted: inOrder,
    before: BEFORE.flatMap(({ first, then, why }) => {
      const [a, b] = [titleOf(first), titleOf(then)];
      // What the plan itself has in another order is not held against a student.
      return a === null || b === null || inOrder.indexOf(a) > inOrder.indexOf(b)
        ? []
        : [{ first: a, then: b, why }];
    }),
  });
}

function safetyQuestion({ way, gearing, title }: SheetSoFar): WorksheetQuestion {
  const applies = {
    reversing: !catchesMarks(way.drive),
    centre: hasTailstock(way.holding),
    'change-gears': gearing.gears.length > 0,
  };
  const choices = SAFETY_CHOICES.filter(({ where }) => where === undefined || applies[where]);
  return question('safety', 'safe', {
    options: shuffled(
      choices.map(({ says }) => says),
      title.length,
    ),
    wanted: choices.filter(({ safe }) => safe).map(({ says }) => says),
    before: choices.map(({ says, hint }) => ({ first: says, then: '', why: hint })),
  });
}

/** Mixed in a way that is the same for every student of an exercise, and never the order that was there. */
function shuffled(list: readonly string[], seed: number): string[] {
  const random = randomFrom(seed);
  const mixed = list.map((each) => ({ each, at: random() })).sort((a, b) => a.at - b.at);
  const result = mixed.map(({ each }) => each);
  return result.every((each, index) => each === list[index]) ? result.toReversed() : result;
}
