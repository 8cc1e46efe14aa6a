import type { StoredObject } from '@/core/base/documents/document';

/**
 * Version 3 of a plan out of version 2, which could be handed out with one technique only: what version 3 asks more is
 * said as it was meant then. Frozen: it reads what was handed out before version 3.
 */
export function liftPlan2(older: StoredObject): StoredObject {
  const { thread, work, technique, schedule, proof, steps } = older as unknown as Plan2;
  return {
    ...older,
    version: 3,
    thread: { ...thread, startsBy: null },
    work: { ...work, end: { ...work.end, reliefBy: 'planned-root', room: null } },
    technique: { ...technique, clearOrder: 'clear-first', markRule: 'any-safe', zeroBy: null },
    schedule: {
      ...schedule,
      asked: { ...schedule.asked, secondInfeed: null },
      rows: schedule.rows.map((row) => ({ ...row, onward: false, hold: false })),
    },
    proof: {
      ...proof,
      evidence: proof.evidence.map(({ answerWanted, ...each }) => ({
        ...each,
        gaugeClass: null,
        gaugeSize: null,
        gaugeUncertainty: null,
        gaugeKnown: true,
        weight: 1,
        answersWanted: answerWanted === null ? [] : [answerWanted],
        bothEnds: false,
        toShoulder: false,
        least: null,
        most: null,
      })),
    },
    steps: steps.map((step) => ({
      ...step,
      group: null,
      evidence: null,
      choices: [],
      times: null,
      critical: null,
      value: null,
      weight: null,
    })),
  };
}

interface Plan2 {
  thread: object;
  work: { end: object };
  technique: object;
  schedule: { asked: object; rows: object[] };
  proof: { evidence: { answerWanted: string | null }[] };
  steps: object[];
}
