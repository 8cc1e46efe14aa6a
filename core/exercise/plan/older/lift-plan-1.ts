import type { StoredObject } from '@/core/base/documents/document';

/**
 * Version 2 of a plan out of version 1, which asked for one technique, three places over wires and a dial of its own.
 * The dial and the swivel scale went to the lathe, the points to the scheme; what version 1 could not say is said as it
 * was meant then. Frozen: it reads what was handed out before version 2.
 */
export function liftPlan1(older: StoredObject): StoredObject {
  const plan = older as unknown as Plan1;
  const left = / LH$|-LH$/.test(plan.thread);
  const internal = isInternal(plan.thread);
  const tip = plan.tip;
  return {
    format: 'oyakata-plan',
    version: 2,
    title: plan.title,
    thread: {
      designation: plan.thread,
      hand: left ? 'left' : 'right',
      starts: 1,
      startsOrder: 'start-by-start',
    },
    work: {
      diameter: plan.blankDiameter,
      end: {
        kind: internal ? 'recess' : 'groove',
        width: plan.runOutWidth,
        diameter: null,
        imperfectLength: null,
        standOff: null,
      },
      threadLength: null,
      totalLength: null,
      chamfer: null,
      register: null,
      material: null,
    },
    holding: { kind: internal ? 'chuck' : 'chuck-and-centre', stickOut: null },
    tool: {
      tip: {
        kind: tip.kind,
        flat: tip.flat ?? null,
        radius: tip.radius ?? null,
        pitchFrom: tip.pitchFrom === undefined ? null : { length: tip.pitchFrom, threadsPerInch: null },
        pitchTo: tip.pitchTo === undefined ? null : { length: tip.pitchTo, threadsPerInch: null },
      },
      material: null,
    },
    technique: {
      direction: 'toward-headstock',
      drive: 'half-nut',
      side: 'front',
      clearing: 'cross-slide',
      endSeenBy: null,
      spindleSpeedRpm: plan.spindleSpeedRpm,
      level: 'each-step',
    },
    infeed: { way: 'compound', compoundAngleDeg: plan.compoundAngleDeg, compoundSide: 'usual' },
    schedule: {
      school: 'constant-area',
      asked: {
        scratch: plan.scratchInfeed,
        roughing: plan.roughingPasses,
        largestInfeed: plan.largestInfeed,
        finishing: plan.finishingPasses,
        finishingInfeed: plan.finishingInfeed,
        spring: plan.springPasses,
      },
      // Version 1 kept no rows: those that the student was given stand in the sheet.
      rows: [],
    },
    proof: {
      targetPitchDiameter: plan.targetPitchDiameter,
      evidence: [
        {
          id: 'wires',
          kind: 'wires',
          wire: plan.wireDiameter,
          gauge: null,
          places: ['start', 'middle', 'end'],
          decides: true,
          answerWanted: null,
          fromReading: null,
        },
      ],
    },
    steps: [],
  };
}

interface Length1 {
  value: number;
  unit: string;
}

/** A plan of version 1, as it was written; read once more by the schema of version 2 after the lift. */
interface Plan1 {
  title: string;
  thread: string;
  blankDiameter: Length1;
  tip: { kind: string; flat?: Length1; radius?: Length1; pitchFrom?: Length1; pitchTo?: Length1 };
  compoundAngleDeg: number;
  targetPitchDiameter: Length1;
  wireDiameter: Length1;
  scratchInfeed: Length1;
  roughingPasses: number;
  largestInfeed: Length1;
  finishingPasses: number;
  finishingInfeed: Length1;
  springPasses: number;
  spindleSpeedRpm: number;
  runOutWidth: Length1;
}

/** Spellings that version 1 wrote for an internal thread: `-2B`, `-6H`, `Tr30x6-8H`, `BSW medium nut`, `G 3/4`. */
function isInternal(designation: string): boolean {
  if (designation.includes('Acme')) return designation.endsWith('internal');
  return /\dB$|\d[GH](-[SL])?$|nut$|^G [\d /]+$/.test(designation);
}
