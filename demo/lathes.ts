import { EMPTY_LATHE_FORM, type LatheForm } from '@/core/machine/lathe/form/lathe-form';
import { readLatheForm } from '@/core/machine/lathe/form/read-lathe-form';
import type { Lathe } from '@/core/machine/lathe/lathe';

/** A lathe as an instructor would type it. */
function lathe(name: string, typed: Partial<LatheForm>): Lathe {
  const read = readLatheForm({ ...EMPTY_LATHE_FORM, swivelGraduation: '1', ...typed, name });
  if (!read.ok) throw new Error(`${name}: ${read.issues[0]?.field} ${read.issues[0]?.message}`);
  return read.value;
}

/** Threads per inch of one row of a gearbox of eight positions, coarse to fine by a factor a letter. */
const BOX = ['8', '9', '10', '11', '11 1/2', '12', '13', '14'] as const;
const boxRows = [
  ['A', 0.5],
  ['B', 1],
  ['C', 2],
  ['D', 4],
].flatMap(([letter, factor]) =>
  BOX.map((tpi, index) => [
    tpi === '11 1/2'
      ? ({ A: '5 3/4', B: '11 1/2', C: '23', D: '46' }[String(letter)] ?? '')
      : inchRow(Number(tpi) * Number(factor)),
    String(letter),
    String(index + 1),
  ]),
);

function inchRow(tpi: number): string {
  return Number.isInteger(tpi) ? String(tpi) : `${Math.floor(tpi)} 1/2`;
}

const NUMBERED = '1 - 2 - 3 - 4 -';

/** Inch, with a quick-change gearbox, levers for the speeds, and a dial whose plate agrees with it. */
const LATHE_1 = lathe('Lathe 1', {
  sizeUnit: 'in',
  swing: '13',
  centres: '36',
  crossTravel: '6',
  compoundTravel: '3.5',
  backlash: '0.008',
  swivelCounts: 'both-ways',
  swivelRange: '60',
  crossUnit: 'in',
  crossGraduation: '0.001',
  crossPerTurn: '0.2',
  crossReads: 'diameter',
  nose: 'camlock',
  brake: 'yes',
  runDownTurns: '2',
  leadScrew: '8 TPI',
  screwHand: 'right',
  engagedBy: 'clutch',
  threadDial: 'in-use',
  swingsOut: 'yes',
  dialGears: [['32', NUMBERED]],
  plate: [
    ['8 TPI', 'all'],
    ['9 TPI', '1 2 3 4'],
    ['11 TPI', '1 2 3 4'],
    ['11 1/2 TPI', '1 3'],
    ['13 TPI', '1 2 3 4'],
    ['16 TPI', 'all'],
    ['24 TPI', 'all'],
  ],
  levers: [
    ['Feed reverse', 'feed-reverse', 'L, N, R', 'R', 'L'],
    ['Lead-screw clutch', 'collar', 'in, out', 'in', ''],
    ['Apron selector', 'apron', 'long, neutral, cross', 'neutral', ''],
  ],
  quickChange: [['TPI', 'Letter', 'Number'], ...boxRows],
  placards: [['Letter', 'D', '300']],
  speeds: [
    ['45', 'back-gear', 'Back gear in, its pin out; lever 1', '', '260', '', '1'],
    ['75', 'back-gear', 'Back gear in, its pin out; lever 2', '78', '160', '', '1.5'],
    ['115', 'back-gear', 'Back gear in, its pin out; lever 3', '', '100', '', '2'],
    ['190', 'lever', 'Back gear out, its pin in; lever 1', '', '62', '', '3'],
    ['310', 'lever', 'Back gear out, its pin in; lever 2', '', '38', '', '5'],
    ['500', 'lever', 'Back gear out, its pin in; lever 3', '', '24', '', '8'],
  ],
  trip: 'no',
});

/** Inch, with change gears, belt and back gear, a screwed nose, a scale that counts from the bed; its plate errs in one line. */
const LATHE_2 = lathe('Lathe 2', {
  sizeUnit: 'in',
  swing: '9',
  centres: '24',
  crossTravel: '5',
  compoundTravel: '2.5',
  zeroAlong: 'bed',
  swivelCounts: 'both-ways',
  swivelRange: '90',
  nose: 'screwed',
  leadScrew: '8 TPI',
  screwHand: 'right',
  engagedBy: 'always',
  threadDial: 'in-use',
  swingsOut: 'yes',
  dialGears: [['32', NUMBERED]],
  plate: [
    ['8 TPI', 'all'],
    ['11 1/2 TPI', '1 2 3 4'],
    ['12 TPI', 'all'],
    ['13 TPI', '1 2 3 4'],
  ],
  levers: [
    ['Tumbler', 'feed-reverse', 'up, middle, down', 'down', 'up'],
    ['Apron knob', 'apron', 'in, out', 'out', ''],
  ],
  changeGears: [
    ['TPI', 'Driver, stud', 'Idler', 'Driven, screw'],
    ['8', '40', '80', '40'],
    ['9', '40', '80', '45'],
    ['10', '40', '80', '50'],
    ['12', '40', '80', '60'],
    ['16', '40', '65', '80'],
    ['20', '24', '65', '60'],
    ['24', '20', '65', '60'],
  ],
  stock: '20, 24, 36, 40, 40, 45, 50, 55, 60, 65, 70, 80, 100, 127',
  clearance: '15',
  baseSet: 'Spindle to stud 1 to 1.',
  speeds: [
    ['35', 'back-gear', 'Belt on the large step, back gear in, its pin out', '', '140', '', '0.5'],
    ['62', 'back-gear', 'Belt on the middle step, back gear in, its pin out', '', '80', '', '0.5'],
    ['108', 'back-gear', 'Belt on the small step, back gear in, its pin out', '', '45', '', '1'],
    ['210', 'belt', 'Belt on the large step, back gear out, pin in', '', '24', '', '2'],
    ['370', 'belt', 'Belt on the middle step, back gear out, pin in', '', '13', '', '4'],
  ],
  trip: 'no',
});

/** Metric, with change gears, and a dial of three gears for its 3 mm screw. */
const LATHE_3 = lathe('Lathe 3', {
  dialUnit: 'mm',
  swing: '330',
  centres: '750',
  crossTravel: '160',
  compoundTravel: '90',
  backlash: '0.15',
  swivelCounts: 'both-ways',
  swivelRange: '45',
  nose: 'long-taper',
  brake: 'no',
  runDownTurns: '1.5',
  leadScrew: '3 mm',
  screwHand: 'right',
  engagedBy: 'collar',
  threadDial: 'in-use',
  swingsOut: 'yes',
  dialGears: [
    ['14', '1 2'],
    ['15', '1 2 3'],
    ['16', '1 2 3 4'],
  ],
  levers: [
    ['Reverse', 'feed-reverse', 'I, 0, II', 'I', 'II'],
    ['Screw collar', 'collar', 'left, right', 'right', ''],
  ],
  changeGears: [
    ['Pitch, mm', 'Driver A', 'Idler', 'Driven B'],
    ['1', '30', '85', '90'],
    ['1.25', '25', '85', '60'],
    ['1.5', '30', '85', '60'],
    ['1.75', '35', '80', '60'],
    ['2', '40', '80', '60'],
    ['2.5', '50', '75', '60'],
    ['3', '60', '75', '60'],
  ],
  stock: '20, 25, 30, 35, 40, 45, 50, 55, 60, 63, 65, 70, 75, 80, 85, 90, 127',
  clearance: '15',
  speeds: [
    ['40', 'back-gear', 'Lever L, knob 1', '', '300', '', '0.5'],
    ['63', 'back-gear', 'Lever L, knob 2', '', '190', '', '1'],
    ['100', 'back-gear', 'Lever L, knob 3', '', '120', '', '1.5'],
    ['160', 'lever', 'Lever H, knob 1', '', '75', '', '3'],
    ['250', 'lever', 'Lever H, knob 2', '', '48', '', '5'],
    ['400', 'lever', 'Lever H, knob 3', '', '30', '', '8'],
  ],
  trip: 'no',
});

/** Metric dials, of which little has been looked up yet. */
const LATHE_4 = lathe('Lathe 4', {
  dialUnit: 'mm',
  graduation: '0.05',
  perTurn: '3',
  zeroAlong: 'bed',
});

/** Metric, built with a threading trip, with a readout and an inverter. */
const LATHE_5 = lathe('Lathe 5', {
  dialUnit: 'mm',
  swing: '400',
  centres: '800',
  crossTravel: '200',
  compoundTravel: '110',
  swivelCounts: 'clockwise',
  swivelRange: '360',
  crossUnit: 'mm',
  crossGraduation: '0.02',
  crossPerTurn: '4',
  crossReads: 'diameter',
  nose: 'camlock',
  brake: 'yes',
  runDownTurns: '1',
  leadScrew: '6 mm',
  screwHand: 'right',
  engagedBy: 'clutch',
  screwMostRpm: '250',
  threadDial: 'none',
  levers: [
    ['Direction', 'feed-reverse', 'left, 0, right', 'right', 'left'],
    ['Thread or feed', 'collar', 'thread, feed', 'thread', ''],
  ],
  quickChange: [
    ['Pitch, mm', 'Range', 'Step'],
    ['1', 'M1', '1'],
    ['1.25', 'M1', '2'],
    ['1.5', 'M1', '3'],
    ['1.75', 'M1', '4'],
    ['2', 'M2', '1'],
    ['2.5', 'M2', '2'],
    ['3', 'M2', '3'],
    ['3.5', 'M2', '4'],
    ['24 TPI', 'E2', '3'],
    ['16 TPI', 'E1', '1'],
    ['12 TPI', 'E1', '3'],
    ['9 TPI', 'E1', '5'],
  ],
  speeds: [
    ['30-180', 'inverter', 'Gear I, turn the knob', '', '45', '700', ''],
    ['200-1200', 'inverter', 'Gear II, turn the knob', '', '12', '1500', ''],
  ],
  trip: 'yes',
  tripFinds: 'clutch',
  tripReturns: 'power',
  tripScatter: '0.1',
  readoutUnit: 'mm',
  readoutResolution: '0.005',
  readoutReads: 'diameter',
  readoutAxes: 'cross-slide, carriage',
});

/** A small bench lathe: no thread dial, a screwed chuck, an inverter whose motor is weak when slow. */
const LATHE_6 = lathe('Lathe 6', {
  dialUnit: 'mm',
  graduation: '0.02',
  perTurn: '1',
  zeroAlong: 'bed',
  swivelCounts: 'both-ways',
  swivelRange: '60',
  swing: '180',
  centres: '300',
  crossTravel: '70',
  compoundTravel: '50',
  crossUnit: 'mm',
  crossGraduation: '0.02',
  crossPerTurn: '1',
  crossReads: 'travel',
  nose: 'screwed',
  runDownTurns: '1',
  leadScrew: '2 mm',
  screwHand: 'right',
  engagedBy: 'always',
  threadDial: 'none',
  changeGears: [
    ['Pitch, mm', 'Driver A', 'Driven B', 'Driver C', 'Driven D'],
    ['1', '30', '60', '', ''],
    ['1.25', '50', '80', '', ''],
    ['1.5', '60', '80', '', ''],
  ],
  stock: '20, 30, 35, 40, 45, 50, 60, 60, 65, 80',
  clearance: '12',
  speeds: [['50-600', 'inverter', 'Turn the knob', '', '4', '60', '1']],
  trip: 'no',
});

/** The lathes of the demo shop: inch and metric, gearbox and change gears, with and without dial, a trip and a readout. */
export const LATHES = {
  'Lathe 1': LATHE_1,
  'Lathe 2': LATHE_2,
  'Lathe 3': LATHE_3,
  'Lathe 4': LATHE_4,
  'Lathe 5': LATHE_5,
  'Lathe 6': LATHE_6,
} as const;

export type LatheName = keyof typeof LATHES;
