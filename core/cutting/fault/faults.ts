import type { CutSetup, SetupCut } from './cut-setup';

/** The faults that geometry can show; the names are those of a diagnosis. */
export const FAULT_IDS = [
  'compound-axis',
  'tool-not-square',
  'off-centre-height',
  'wrong-gearing',
  'wrong-mark',
  'cross-slide-turn-off',
  'backlash',
  'bending',
  'blank-too-large',
  'blank-too-small',
  'tip-too-sharp',
  'tip-too-blunt',
  'part-moved',
  'over-cut',
  'under-cut',
] as const;
export type FaultId = (typeof FAULT_IDS)[number];

/** A fault switched on: how much of it, and from which cut on (from 1; 0: from the first). */
export interface FaultOn {
  id: FaultId;
  amount: number;
  from: number;
}

/** What a fault is told by. */
export interface FaultData {
  id: FaultId;
  name: string;
  /** What was done, in one sentence. */
  says: string;
  /** What its amount is; null where there is none to choose. */
  amount: { label: string; unit: 'length' | 'degrees' | 'pitches'; most: (setup: CutSetup) => number } | null;
  /** Whether this way of cutting can have it at all; left out: every way can. */
  applies?: (setup: CutSetup) => boolean;
  /** Whether it begins at a cut. */
  begins: boolean;
  usual: (setup: CutSetup) => number;
  set: (setup: CutSetup, amount: number, from: number) => CutSetup;
}

const fromCut = (setup: CutSetup, from: number, change: (cut: SetupCut) => SetupCut): CutSetup => ({
  ...setup,
  cuts: setup.cuts.map((cut, index) => (index + 1 >= from ? change(cut) : cut)),
});

const pitchShare = (share: number) => (setup: CutSetup) => share * setup.nominalPitch;
const quarterOfWork = ({ workDiameter }: CutSetup) => workDiameter / 4;

/** The width of the tip that is in hand, or would be usual. */
function tipWidth({ tip, form, nominalPitch }: CutSetup): number {
  if (tip.kind === 'flat') return tip.flat;
  return tip.kind === 'radius' ? tip.radius : form.usualTip.flat * nominalPitch;
}

function withTip(setup: CutSetup, size: number): CutSetup {
  if (size <= 0) return { ...setup, tip: { kind: 'sharp' } };
  return setup.tip.kind === 'radius'
    ? { ...setup, tip: { kind: 'radius', radius: size } }
    : { ...setup, tip: { kind: 'flat', flat: size } };
}

/** Every row of the faults that is geometric (common practice; the amounts are those that beginners make). */
export const FAULTS: readonly FaultData[] = [
  {
    id: 'compound-axis',
    name: 'Compound set from the wrong axis',
    says: 'The angle was set on a scale that counts from the other axis.',
    // A plunge sets no angle.
    applies: ({ compoundAngleDeg }) => compoundAngleDeg > 0,
    amount: null,
    begins: false,
    usual: () => 0,
    set: (setup) => ({ ...setup, compoundAngleDeg: 90 - setup.compoundAngleDeg }),
  },
  {
    id: 'tool-not-square',
    name: 'Tool not square',
    says: 'The tool leans to one side.',
    amount: { label: 'leans by', unit: 'degrees', most: () => 15 },
    begins: false,
    usual: () => 4,
    set: (setup, amount) => ({ ...setup, tiltDeg: setup.tiltDeg + amount }),
  },
  {
    id: 'off-centre-height',
    name: 'Tool off centre height',
    says: 'The edge stands above or below the axis.',
    amount: { label: 'off by', unit: 'length', most: ({ workDiameter }) => workDiameter / 6 },
    begins: false,
    usual: ({ workDiameter }) => workDiameter / 12,
    set: (setup, amount) => ({ ...setup, offCentre: amount }),
  },
  {
    id: 'wrong-gearing',
    name: 'Wrong gears',
    says: 'The gears make another pitch.',
    amount: { label: 'pitch that is cut', unit: 'length', most: pitchShare(2) },
    begins: false,
    usual: pitchShare(8 / 9),
    set: (setup, amount) => ({ ...setup, pitch: amount }),
  },
  {
    id: 'wrong-mark',
    name: 'Half nut closed at a wrong dial mark',
    says: 'From one pass on the tool runs beside the groove.',
    amount: { label: 'beside by', unit: 'pitches', most: ({ starts }) => starts },
    begins: true,
    usual: () => 0.5,
    set: (setup, amount, from) =>
      fromCut(setup, from, (cut) => ({ ...cut, carriage: cut.carriage + amount * setup.pitch })),
  },
  {
    id: 'cross-slide-turn-off',
    name: 'Cross slide not back to its zero',
    says: 'For one pass the cross slide stood deeper than its zero.',
    amount: { label: 'too deep by', unit: 'length', most: quarterOfWork },
    begins: true,
    usual: pitchShare(0.25),
    set: (setup, amount, from) => ({
      ...setup,
      cuts: setup.cuts.map((cut, index) =>
        index + 1 === from ? { ...cut, crossSlide: cut.crossSlide + amount } : cut,
      ),
    }),
  },
  {
    id: 'backlash',
    name: 'Backlash not taken up',
    says: 'The compound was backed off: from then on it stands behind its reading.',
    amount: { label: 'behind by', unit: 'length', most: pitchShare(0.5) },
    begins: true,
    usual: pitchShare(0.1),
    set: (setup, amount, from) => fromCut(setup, from, (cut) => ({ ...cut, reading: cut.reading - amount })),
  },
  {
    id: 'bending',
    name: 'The part bends away',
    says: 'The part gives under the tool, and no spring pass was taken.',
    amount: { label: 'gives at most', unit: 'length', most: pitchShare(0.25) },
    begins: false,
    usual: pitchShare(0.04),
    set: (setup, amount) => ({ ...setup, gives: (share) => amount * share ** 3 }),
  },
  {
    id: 'blank-too-large',
    name: 'Blank too large',
    says: 'The blank was turned too large; the zero was taken on it.',
    amount: { label: 'too large by', unit: 'length', most: pitchShare(1) },
    begins: false,
    usual: pitchShare(0.15),
    set: (setup, amount) => ({
      ...setup,
      workDiameter: setup.workDiameter + (setup.side === 'external' ? amount : -amount),
    }),
  },
  {
    id: 'blank-too-small',
    name: 'Blank too small',
    says: 'The blank was turned too small; the zero was taken on it.',
    amount: { label: 'too small by', unit: 'length', most: pitchShare(1) },
    begins: false,
    usual: pitchShare(0.2),
    set: (setup, amount) => ({
      ...setup,
      workDiameter: setup.workDiameter - (setup.side === 'external' ? amount : -amount),
    }),
  },
  {
    id: 'tip-too-sharp',
    name: 'Tip sharper than the depth assumes',
    says: 'The tip is keener than the one for which the depth was worked out.',
    amount: { label: 'tip that cuts', unit: 'length', most: tipWidth },
    begins: false,
    usual: () => 0,
    set: withTip,
  },
  {
    id: 'tip-too-blunt',
    name: 'Tip blunter than the depth assumes',
    says: 'The tip is wider than the one for which the depth was worked out.',
    amount: { label: 'tip that cuts', unit: 'length', most: pitchShare(0.5) },
    begins: false,
    usual: (setup) => 1.6 * tipWidth(setup),
    set: withTip,
  },
  {
    id: 'part-moved',
    name: 'The part moved',
    says: 'The part turned in the chuck, or the dog came into another slot.',
    amount: { label: 'beside by', unit: 'pitches', most: ({ starts }) => starts },
    begins: true,
    usual: () => 0.2,
    set: (setup, amount, from) =>
      fromCut(setup, from, (cut) => ({ ...cut, carriage: cut.carriage + amount * setup.pitch })),
  },
  {
    id: 'over-cut',
    name: 'Cut too deep',
    says: 'The last pass went deeper than was left.',
    amount: { label: 'too deep by', unit: 'length', most: pitchShare(0.5) },
    begins: false,
    usual: pitchShare(0.08),
    set: (setup, amount) => lastDeeper(setup, amount),
  },
  {
    id: 'under-cut',
    name: 'Not cut deep enough',
    says: 'It was given up before the target.',
    amount: { label: 'short by', unit: 'length', most: pitchShare(0.5) },
    begins: false,
    usual: pitchShare(0.06),
    set: (setup, amount) => ({
      ...setup,
      cuts: setup.cuts.map((cut) => ({
        ...cut,
        reading: Math.min(cut.reading, lastReading(setup) - amount),
      })),
    }),
  },
];

const lastReading = ({ cuts }: CutSetup) => Math.max(0, ...cuts.map(({ reading }) => reading));

function lastDeeper(setup: CutSetup, amount: number): CutSetup {
  const last = lastReading(setup);
  return {
    ...setup,
    cuts: setup.cuts.map((cut) => (cut.reading >= last - 1e-12 ? { ...cut, reading: last + amount } : cut)),
  };
}

/** The faults that a way of cutting can have. */
export function faultsFor(setup: CutSetup): FaultData[] {
  return FAULTS.filter(({ applies }) => applies === undefined || applies(setup));
}

/** What is kept of a fault. @throws when there is none of that name */
export function faultData(id: FaultId): FaultData {
  const found = FAULTS.find((each) => each.id === id);
  if (found === undefined) throw new Error(`no fault ${id}`);
  return found;
}

/** A set-up with faults switched on, in the order of the list. */
export function withFaults(setup: CutSetup, on: readonly FaultOn[]): CutSetup {
  return FAULTS.reduce((made, { id, set }) => {
    const found = on.find((each) => each.id === id);
    return found === undefined ? made : set(made, found.amount, found.from);
  }, setup);
}
