import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { sheetOf, type Leaves } from '@/core/test/record';
import { chipLook } from '../record/shown/chip-look';
import type { Sheet } from './sheet';
import { sheetFrame } from './sheet-geometry';

/** Ways of working, each with the plan that makes it; the trip is fitted, so that every drive can be had. */
const usual = usualLathe('in');
const lathe = { ...usual, trip: { ...usual.trip, fitted: true } };
const OUT = '3/4-16 UNF-2A';
const BORE = '3/4-16 UNF-2B';
const WAYS: Readonly<Record<string, Leaves>> = {
  'outside, right-hand': { 'thread.designation': OUT },
  'outside, left-hand': { 'thread.designation': `${OUT} LH` },
  'outside, kept closed': { 'thread.designation': OUT, 'technique.drive': 'reversing' },
  'outside, trip': { 'thread.designation': OUT, 'technique.drive': 'trip', 'infeed.way': 'readout' },
  'outside, readout zeroed': {
    'thread.designation': OUT,
    'technique.drive': 'trip',
    'infeed.way': 'readout-zeroed',
  },
  'outside, to a line': { 'thread.designation': OUT, 'work.end.kind': 'mark', 'infeed.way': 'plunge' },
  'outside, through': { 'thread.designation': OUT, 'work.end.kind': 'through' },
  'outside, over a boss': { 'thread.designation': OUT, 'work.end.kind': 'boss', 'work.end.boss': '0.6' },
  'outside, away': {
    'thread.designation': OUT,
    'technique.direction': 'away-from-headstock',
    'holding.kind': 'chuck',
  },
  'outside, away, centre': { 'thread.designation': OUT, 'technique.direction': 'away-from-headstock' },
  'outside, between centres': { 'thread.designation': OUT, 'holding.kind': 'between-centres' },
  'outside, at the back': { 'thread.designation': OUT, 'technique.side': 'back' },
  'bore, recess': { 'thread.designation': BORE },
  'bore, left-hand': { 'thread.designation': `${BORE} LH` },
  'bore, through': { 'thread.designation': BORE, 'work.end.kind': 'through' },
  'bore, far side': { 'thread.designation': BORE, 'technique.side': 'back', 'work.end.kind': 'through' },
  'bore, away': { 'thread.designation': BORE, 'technique.direction': 'away-from-headstock' },
  'bore, plunged': { 'thread.designation': BORE, 'infeed.way': 'plunge' },
  'bore, kept closed': { 'thread.designation': BORE, 'technique.drive': 'reversing' },
  'bore, trip': { 'thread.designation': BORE, 'technique.drive': 'trip' },
};

/** Every sentence that the sheet gives of the way itself: of other drives that the lathe could have, their own cycle only. */
function sentencesOf(sheet: Sheet): string[] {
  const { steps, travel, words, dial, gearing, stops } = sheet;
  const [planned] = words.cycles;
  return [
    ...steps.flatMap(({ instruction, caution, choices }) => [instruction, caution ?? '', ...choices]),
    ...travel.map(({ what, says }) => `${what}: ${says}`),
    ...(planned === undefined ? [] : [planned.name, ...planned.steps, ...planned.hazards]),
    words.slack,
    words.allCut,
    ...dial.says,
    ...gearing.says,
    ...stops.map(({ asks }) => asks),
    ...sheet.passes.map((row) => chipLook(sheet, row)),
  ].filter((text) => text !== '');
}

interface Rule {
  says: string;
  of: (sheet: Sheet) => boolean;
  never?: RegExp;
  somewhere?: RegExp;
}

const away = ({ way }: Sheet) => way.direction === 'away-from-headstock';
const inside = ({ thread }: Sheet) => thread.side === 'internal';
const backward = (sheet: Sheet) => sheetFrame(sheet).spindleReversed;
const drivenBy = (drive: string) => (sheet: Sheet) => sheet.way.drive === drive;
const ends =
  (...kinds: string[]) =>
  (sheet: Sheet) =>
    kinds.includes(sheet.way.end);

const RULES: readonly Rule[] = [
  { says: 'a spindle that runs backward is said', of: backward, somewhere: /spindle (runs )?backward/i },
  {
    says: 'and how the feed lever stands then',
    of: backward,
    somewhere: /lever the other way cuts the other hand/i,
  },
  { says: 'one that does not is not', of: (sheet) => !backward(sheet), never: /spindle (runs )?backward/i },
  {
    says: 'a left-hand thread turns the lead screw about',
    of: ({ thread }) => thread.hand === 'left',
    somewhere: /reverse the lead screw/i,
  },
  {
    says: 'no wrong mark is opened where no half nut is',
    of: (sheet) => !drivenBy('half-nut')(sheet),
    never: /dial mark can still be opened|open the half nut|safe dial mark/i,
  },
  { says: 'a trip closes no half nut', of: drivenBy('trip'), never: /half nut/i },
  {
    says: 'no groove is named where there is none',
    of: (sheet) => !ends('groove')(sheet),
    never: /groove(?!.*(second|nest))|run-out/i,
  },
  { says: 'no recess is named where there is none', of: (sheet) => !ends('recess')(sheet), never: /recess/i },
  {
    says: 'no line is watched where there is none',
    of: (sheet) => !ends('mark')(sheet),
    never: /at the line/i,
  },
  {
    says: 'work that the tool runs out behind is not home against the jaws',
    of: ends('through'),
    never: /(home|shoulder) against the(m| jaws)|against the jaws/i,
  },
  {
    says: 'nothing outside is measured or turned in a bore',
    of: inside,
    never: /\boutside\b|\bturn the (register|major)|\bblank\b|shoulder/i,
  },
  { says: 'no bore is named outside', of: (sheet) => !inside(sheet), never: /\bbore\b|\bmouth\b|far wall/i },
  {
    says: 'away from the headstock the jaws are not at the end of the cut',
    of: away,
    never: /toward the tailstock: meets the (shoulder|jaws)/i,
  },
  {
    says: 'toward it they are',
    of: (sheet) => !away(sheet) && !inside(sheet),
    somewhere: /toward the chuck: meets the (shoulder|jaws|carrier|dog|plate|driving)/i,
  },
  {
    says: 'the compound goes in, or out, as its handle goes',
    of: ({ feed, ...sheet }) =>
      feed.slide === 'compound' && sheetFrame({ feed, ...sheet }).deeperTowardOperator,
    never: /compound in\b|push it in/i,
    somewhere: /draw the compound out/i,
  },
  {
    says: 'and in where that is deeper',
    of: ({ feed, ...sheet }) =>
      feed.slide === 'compound' && !sheetFrame({ feed, ...sheet }).deeperTowardOperator,
    never: /draw the compound out|draw it out/i,
    somewhere: /compound in to the next/i,
  },
  {
    says: 'half a degree short of the flank a hair from the other side is right',
    of: ({ feed, thread }) => feed.slide === 'compound' && feed.angleDeg < thread.flankAngleDeg,
    never: /A chip from both sides: the compound stands wrong/,
    somewhere: /hair or dust from the other flank is right/,
  },
  {
    says: 'a readout is set to a figure that is named',
    of: ({ feed }) => feed.slide === 'readout',
    somewhere: /set the readout to \d+\.\d+/,
  },
  {
    says: 'zeroed at touch its figures are what was fed',
    of: ({ feed, way }) => feed.slide === 'readout' && way.infeed === 'readout-zeroed',
    somewhere: /set the readout to 0\.0+ \(the figures here are what was fed/,
  },
  {
    says: 'a carriage stop is no drive’s stop',
    of: drivenBy('half-nut'),
    never: /run against (it|the stop)/i,
  },
];

const sheets = Object.entries(WAYS).map(
  ([name, leaves]) => [name, sheetOf(leaves, lathe as typeof usual)] as const,
);
const cases = sheets.flatMap(([name, sheet]) =>
  RULES.filter(({ of }) => of(sheet)).map((rule) => [name, rule.says, sheet, rule] as const),
);

test.each(cases)('%s: %s', (_name, _says, sheet, { never, somewhere }) => {
  const sentences = sentencesOf(sheet);
  expect(sentences.length).toBeGreaterThan(25);
  if (never !== undefined) expect(sentences.filter((each) => never.test(each))).toEqual([]);
  if (somewhere !== undefined) expect(sentences.filter((each) => somewhere.test(each))).not.toEqual([]);
});

test('each rule is about some of the ways, and each way has several', () => {
  for (const rule of RULES) expect(sheets.some(([, sheet]) => rule.of(sheet))).toBe(true);
  expect(cases.length).toBeGreaterThan(5 * sheets.length);
});
