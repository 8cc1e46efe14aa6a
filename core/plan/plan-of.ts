import { printDesignation } from '../thread';
import { roundTo, type Length } from '../units';
import type { Plan, PlanRow, PlanTip } from './plan';
import type { PlanEvaluation } from './plan-evaluation';
import { usualWay } from './usual-way';
import type { PlanInputs, TipInput } from './read-plan-form';

/** The plan of inputs that have no issue; null while one of them is missing. */
export function planOf(inputs: PlanInputs, evaluation: PlanEvaluation): Plan | null {
  const { title, thread, blankDiameter, runOutWidth, tip, compoundAngleDeg } = inputs;
  const { targetPitchDiameter, wireDiameter, scratchInfeed, finishingInfeed } = inputs;
  const { finishingPasses, springPasses, spindleSpeedRpm, marking } = inputs;
  const { largestInfeed, rows } = evaluation;
  if (
    title === undefined ||
    thread === undefined ||
    blankDiameter === undefined ||
    runOutWidth === undefined ||
    tip === undefined ||
    compoundAngleDeg === undefined ||
    targetPitchDiameter === undefined ||
    wireDiameter === undefined ||
    scratchInfeed === undefined ||
    finishingInfeed === undefined ||
    finishingPasses === undefined ||
    springPasses === undefined ||
    spindleSpeedRpm === undefined ||
    marking === undefined ||
    largestInfeed === null ||
    rows === null
  ) {
    return null;
  }
  const { unit } = thread;
  const length = (value: number): Length => ({ value: roundTo(value, 9), unit });
  const internal = thread.side === 'internal';
  const way = usualWay(thread);
  return {
    format: 'oyakata-plan',
    version: 2,
    title,
    thread: {
      designation: printDesignation(thread),
      hand: thread.hand,
      starts: thread.starts,
      startsOrder: inputs.startsOrder,
    },
    work: {
      diameter: blankDiameter,
      end: {
        kind: internal ? 'recess' : 'groove',
        width: runOutWidth,
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
    tool: { tip: storedTip(tip), material: null },
    technique: {
      direction: way.direction,
      drive: 'half-nut',
      side: way.toolSide,
      clearing: 'cross-slide',
      endSeenBy: null,
      spindleSpeedRpm,
      level: 'each-step',
    },
    infeed: { way: 'compound', compoundAngleDeg, compoundSide: way.compoundSide },
    schedule: {
      school: 'constant-area',
      asked: {
        scratch: scratchInfeed,
        roughing: rows.filter(({ kind }) => kind === 'rough').length,
        largestInfeed,
        finishing: finishingPasses,
        finishingInfeed,
        spring: springPasses,
      },
      rows: rows.map(({ kind, infeed, reading }): PlanRow => ({
        what: 'cut',
        kind,
        slide: 'compound',
        measure: 'feed',
        infeed: length(infeed),
        reading: length(reading),
        check: null,
        atMost: null,
        drive: null,
        start: null,
      })),
    },
    proof: {
      targetPitchDiameter,
      evidence: [
        {
          id: 'wires',
          kind: 'wires',
          wire: wireDiameter,
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

function storedTip(tip: TipInput): PlanTip {
  return {
    kind: tip.kind,
    flat: tip.kind === 'flat' ? tip.flat : null,
    radius: tip.kind === 'radius' || tip.kind === 'insert' ? tip.radius : null,
    pitchFrom: tip.kind === 'insert' ? tip.pitchFrom : null,
    pitchTo: tip.kind === 'insert' ? tip.pitchTo : null,
  };
}
