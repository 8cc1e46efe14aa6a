import { randomFrom } from '@/core/base/chance/random';

const THREADS = {
  external: ['3/4-16 UNF-2A', 'M16x2-6g', '1/2-20 UNF-2A', 'M20x1.5-6g', '3/4-10 UNC-2A', 'M10x1.5-6g'],
  internal: ['3/4-16 UNF-2B', 'M20x1.5-6H', '1-8 UNC-2B', 'M24x2-6H'],
} as const;
const STARTERS = [
  'usual',
  'reversing-nut',
  'until-nut',
  'away',
  'between-centres',
  'insert',
  'through-bore',
  'trip-readout',
];
const PROOFS = ['', 'wires', 'thread-micrometer', 'nut', 'gauge'];
const DIALS = [
  {},
  { counts: 'down' },
  { reads: 'diameter' },
  { counts: 'down', reads: 'diameter' },
  { readoutUnit: 'mm', readoutResolution: '0.005', readoutReads: 'radius' },
];
/** The same of the cross slide, for plunges. */
const CROSS_DIALS = [
  {},
  {
    crossUnit: 'in',
    crossGraduation: '0.001',
    crossPerTurn: '0.2',
    crossReads: 'diameter',
    crossCounts: 'up',
  },
  {
    crossUnit: 'in',
    crossGraduation: '0.001',
    crossPerTurn: '0.1',
    crossReads: 'travel',
    crossCounts: 'down',
  },
  {
    crossUnit: 'mm',
    crossGraduation: '0.02',
    crossPerTurn: '4',
    crossReads: 'diameter',
    crossCounts: 'down',
  },
];
/** What is otherwise from the beginning. */
const HIDDEN = ['tip', 'paper'];
/** What comes between two cuts. */
export const BETWEEN: readonly string[] = [
  'zero',
  'zero-unknown',
  'disturbed',
  'burr',
  'late-measurement',
  'own-shallower',
  'own-deeper',
  'by-compound',
  'wrong-mark',
  'stopped-early',
  'tip-broke',
  'not-taken',
  'twice',
  'chip',
];
const HAPPENS = [...HIDDEN, ...BETWEEN];

/** A story before it is played: which thread, which way, which lathe, and what comes in between. */
interface ChosenStory {
  random: () => number;
  request: {
    thread: string;
    starter: string;
    plan: Readonly<Record<string, unknown>>;
    lathe: Readonly<Record<string, unknown>>;
  };
  happens: readonly string[];
}

/** As it is written with two starts, and left-hand: inch threads in words, metric ones as ISO 965-1 has it. */
function designationOf(thread: string, starts: number, left: boolean): string {
  if (!thread.startsWith('M')) return `${thread}${starts === 2 ? ' (2 starts)' : ''}${left ? ' LH' : ''}`;
  const several =
    starts === 2
      ? thread.replace(/x([\d.]+)/, (_, pitch: string) => `xPh${2 * Number(pitch)}P${pitch}`)
      : thread;
  return `${several}${left ? '-LH' : ''}`;
}

/** The same seed chooses the same story, and goes on with the same chance. */
export function chosenStory(seed: number): ChosenStory {
  const random = randomFrom(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const starter = pick(STARTERS);
  const side =
    starter === 'through-bore' ? 'internal' : starter === 'usual' && random() < 0.3 ? 'internal' : 'external';
  const proof = pick(PROOFS);
  const thread = pick<string>(THREADS[side]);
  const starts = random() < 0.15 ? 2 : 1;
  const left = random() < 0.2;
  const happens = [0.6, 0.25].flatMap((share) => (random() < share ? [pick(HAPPENS)] : []));
  const request = {
    thread: designationOf(thread, starts, left),
    starter,
    plan: {
      // Every other readout is zeroed at touch.
      ...(starter === 'trip-readout' && seed % 2 === 0 ? { 'infeed.way': 'readout-zeroed' } : {}),
      ...(proof === '' ? {} : { 'proof.evidence.0.kind': proof }),
      ...(happens.includes('tip') && random() < 0.5 ? { 'tool.tip.kind': 'not-measured' } : {}),
    },
    lathe: { ...pick<object>(DIALS), ...pick<object>(CROSS_DIALS) },
  };
  return { random, request, happens };
}
