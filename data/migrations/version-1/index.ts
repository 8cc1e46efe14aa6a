import type { StoredObject } from '@/core/documents';
import { derivePlan, readPlanForm, setupSteps } from './derive';

/** What the release of version 1 derived from a plan, as far as it is written down here. */
interface Derived1 {
  plan: StoredObject & {
    title: string;
    thread: string;
    swivelZero: 'cross-slide' | 'bed';
    compoundAngleDeg: number;
    dial: { graduation: Length1; perTurn: Length1 };
    scratchInfeed: Length1;
    roughingPasses: number;
    largestInfeed: Length1;
    finishingPasses: number;
    finishingInfeed: Length1;
    springPasses: number;
    spindleSpeedRpm: number;
    runOutWidth: Length1;
    marking: { setUp: number; passes: number; result: number };
  };
  thread: {
    side: 'external' | 'internal';
    hand: string;
    starts: number;
    unit: 'in' | 'mm';
    pitch: { valueOf(): number; inverse(): { toFraction(mixed: boolean): string } };
    system: string;
  };
  limits: Record<string, unknown> & {
    side: string;
    standard: string;
    major: Band1;
    minor: Band1;
    pitchDiameter: Band1;
    tolerance: { pitchDiameter: number };
  };
  blank: number;
  tip: { kind: 'sharp' | 'flat' | 'radius'; flat?: number; radius?: number };
  target: number;
  wire: number;
  overWires: { min: number; target: number; max: number };
  radialDepth: number;
  compoundFeed: number;
  rootDiameter: number;
  swivelMarkDeg: number;
  passes: Pass1[];
  timeInRunOut: number;
}

interface Length1 {
  value: number;
  unit: 'in' | 'mm';
}
interface Band1 {
  min: number | null;
  max: number | null;
}
interface Pass1 {
  n: number;
  kind: string;
  dialInfeed: Length1;
  dialReading: Length1;
  infeed: number;
  reading: number;
  radialDepth: number;
  chipArea: number;
  pitchDiameter: number | null;
  overWires: number | null;
}
interface Step1 {
  id: string;
  title: string;
  instruction: string;
  caution: string | null;
  kind: string;
  expected: unknown;
  when: string;
  critical: boolean;
  weight: number;
}

/** A plan of version 1 with all that its release derived: documents of version 1 of lathe, sheet and scheme. */
export interface WrittenOut {
  lathe: StoredObject & { name: string };
  sheet: StoredObject;
  scheme: StoredObject;
}

/** Flank angles of the systems of version 1, degrees. */
const FLANK_ANGLES: Record<string, number> = {
  unified: 30,
  metric: 30,
  acme: 14.5,
  trapezoidal: 15,
  whitworth: 27.5,
  pipe: 27.5,
};

/**
 * Writes out what the release of version 1 derived from a plan each time that it was looked at.
 * @throws when that release could not derive it either
 */
export function writeOutPlan1(stored: unknown): WrittenOut {
  const derived = (derivePlan as (plan: unknown) => unknown)(stored) as Derived1;
  const steps = (setupSteps as (derived: unknown) => unknown)(derived) as Step1[];
  const { plan, thread, limits } = derived;
  const lathe = lathe1(plan.dial.graduation, plan.dial.perTurn, plan.swivelZero);
  const external = thread.side === 'external';
  const pitch = thread.pitch.valueOf();
  const sheet = {
    format: 'oyakata-sheet',
    version: 1,
    title: plan.title,
    lathe: { name: lathe.name, dial: lathe.compound.dial, zeroAlong: plan.swivelZero },
    thread: {
      designation: plan.thread,
      standard: limits.standard,
      side: thread.side,
      hand: 'right',
      starts: 1,
      startsOrder: 'start-by-start',
      unit: thread.unit,
      pitch,
      lead: pitch,
      pitchText: thread.unit === 'in' ? `${thread.pitch.inverse().toFraction(true)} TPI` : `${pitch} mm`,
      flankAngleDeg: FLANK_ANGLES[thread.system] ?? 30,
    },
    limits: {
      major: { min: limits.major.min, max: limits.major.max },
      pitchDiameter: limits.pitchDiameter,
      minor: { min: limits.minor.min, max: limits.minor.max },
      crest: external ? limits.major : limits.minor,
      pitchDiameterTolerance: limits.tolerance.pitchDiameter,
    },
    workDiameter: derived.blank,
    tip: { kind: derived.tip.kind, size: derived.tip.flat ?? derived.tip.radius ?? 0, known: true },
    way: {
      direction: 'toward-headstock',
      toolSide: 'front',
      compoundSide: 'usual',
      drive: 'half-nut',
      clearing: 'cross-slide',
      infeed: 'compound',
    },
    compound: { angleDeg: plan.compoundAngleDeg, markDeg: derived.swivelMarkDeg },
    targetPitchDiameter: derived.target,
    radialDepth: derived.radialDepth,
    compoundFeed: derived.compoundFeed,
    rootDiameter: derived.rootDiameter,
    wires: { diameter: derived.wire, overWires: derived.overWires },
    speed: {
      rpm: plan.spindleSpeedRpm,
      runOutWidth: (derived.timeInRunOut * plan.spindleSpeedRpm * pitch) / 60,
      timeInRunOut: derived.timeInRunOut,
      reactionSeconds: 1.2,
    },
    schedule: {
      scratch: plan.scratchInfeed,
      roughing: plan.roughingPasses,
      largestInfeed: plan.largestInfeed,
      finishing: plan.finishingPasses,
      finishingInfeed: plan.finishingInfeed,
      spring: plan.springPasses,
    },
    passes: derived.passes.map((pass) => ({
      n: pass.n,
      kind: pass.kind,
      start: 1,
      dialInfeed: pass.dialInfeed,
      dialReading: pass.dialReading,
      infeed: pass.infeed,
      reading: pass.reading,
      radialDepth: pass.radialDepth,
      chipArea: pass.chipArea,
      pitchDiameter: pass.pitchDiameter,
      overWires: pass.overWires,
    })),
    steps: steps.map(({ id, title, instruction, caution, kind, expected, when }) => ({
      id,
      title,
      instruction,
      caution,
      kind,
      expected,
      when,
    })),
    words: {
      pieces: external ? 'wires' : 'balls',
      over: external ? 'over wires' : 'over balls',
      crest: external ? 'major diameter' : 'minor diameter',
      work: external ? 'blank' : 'bore',
      mate: external ? 'nut' : 'screw',
      compound: 'compound',
      crossSlide: 'cross slide',
      halfNut: 'half nut',
      cycle:
        'Cross slide to zero, and look: a full turn off reads zero too. Oil, engage, watch, open the half nut in the run-out.',
      allCut: 'Clean the thread, measure at three places, then hand in.',
      hazards:
        'Eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out. A closed half nut does not slip. Measure with the spindle stopped; brush chips, no fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.',
    },
    note: null,
  };
  return { lathe, sheet, scheme: scheme1(plan.marking, steps) };
}

/** The lathe of a dial and a scale that were typed in a draft of version 1; null where they could not be read. */
export function latheOfDraft1(stored: unknown): (StoredObject & { name: string }) | null {
  const draft = (stored ?? {}) as Record<string, unknown>;
  if (
    ['dialUnit', 'dialGraduation', 'dialPerTurn'].every((field) => (draft[field] ?? '') === '') &&
    draft.swivelZero !== 'bed'
  )
    return null;
  try {
    const { inputs } = (
      readPlanForm as (form: unknown) => {
        inputs: { dialGraduation?: Length1; dialPerTurn?: Length1; swivelZero?: 'cross-slide' | 'bed' };
      }
    )(stored);
    const { dialGraduation, dialPerTurn, swivelZero } = inputs;
    if (dialGraduation === undefined || dialPerTurn === undefined || swivelZero === undefined) return null;
    return lathe1(dialGraduation, dialPerTurn, swivelZero);
  } catch {
    return null;
  }
}

function lathe1(graduation: Length1, perTurn: Length1, zeroAlong: 'cross-slide' | 'bed') {
  const scale = zeroAlong === 'bed' ? 'scale 0 along the bed' : 'scale 0 along the cross slide';
  return {
    format: 'oyakata-lathe',
    version: 1,
    name: `Lathe, dial ${graduation.value} ${graduation.unit}, ${perTurn.value} a turn, ${scale}`.slice(
      0,
      80,
    ),
    compound: {
      dial: { graduation, perTurn, reads: 'travel', counts: 'up' },
      swivel: { zeroAlong, graduationDeg: null, rangeDeg: null },
    },
    crossSlide: { dial: null },
    spindle: { nose: null, runDownTurns: null },
    leadScrew: null,
    threadDial: null,
    trip: null,
    readout: null,
  };
}

/** The weights, tolerances and the cap that stood in the code of version 1, and its pass mark. */
function scheme1(
  { setUp, passes, result }: Derived1['plan']['marking'],
  steps: readonly Step1[],
): StoredObject {
  const line = (section: string, id: string, weight: number) => ({ id, section, weight, title: null });
  return {
    format: 'oyakata-scheme',
    version: 1,
    rules: 1,
    sections: [
      { id: 'set-up', title: 'Set-up', points: setUp },
      { id: 'passes', title: 'Passes', points: passes },
      { id: 'result', title: 'Result', points: result },
    ],
    lines: [
      ...steps.map(({ id, weight }) => line('set-up', `step:${id}`, weight)),
      line('passes', 'passes:none', 1),
      line('passes', 'passes:schedule', 10),
      line('passes', 'passes:infeed', 7),
      line('passes', 'passes:reversal', 5),
      line('passes', 'passes:spring', 8),
      line('result', 'result:none', 1),
      line('result', 'result:pitch-diameter', 20),
      line('result', 'result:target', 6),
      line('result', 'result:taper', 4),
      line('result', 'result:crest', 10),
      line('result', 'result:measuring', 4),
    ],
    caps: steps.filter(({ critical }) => critical).map(({ id }) => ({ id: `step:${id}`, most: 40 })),
    judging: {
      scheduleGraduations: 1,
      infeedGraduations: 1,
      agreementIn: 0.0005,
      agreementMm: 0.01,
      taperFull: 0.25,
      taperHalf: 0.5,
      targetFull: 0.25,
      targetNone: 0.75,
      unfinished: 0.25,
      unfinishedPlace: 0.125,
      late: 0.5,
      corrected: 1,
      fair: 0.5,
    },
    pointStep: 0.5,
    passMark: 50,
  };
}
