import type { StoredObject } from '@/core/base/documents/document';

/**
 * Version 3 of a sheet out of version 2, which knew of its lathe the dial and where the swivel scale reads 0: what
 * version 3 says more was not kept then. Frozen: it reads what was handed out before version 3.
 */
export function liftSheet2(older: StoredObject): StoredObject {
  const sheet = older as unknown as Sheet2;
  const { rpm } = sheet.speed;
  return {
    ...older,
    version: 3,
    compound: { ...sheet.compound, offScale: false },
    speed: {
      ...sheet.speed,
      asked: rpm,
      marked: null,
      set: '',
      cap: null,
      carriagePerMinute: sheet.thread.lead * rpm,
      surfacePerMinute: Math.PI * sheet.workDiameter * rpm,
      surfaceUsual: null,
      turnsLeft: null,
    },
    gearing: {
      from: 'not-kept',
      levers: [],
      gears: [],
      choices: [],
      idlers: 0,
      turns: null,
      errorPpm: null,
      errorOverLength: null,
      overLength: 0,
      tooFar: false,
      says: [],
    },
    dial: {
      use: 'not-kept',
      gearTeeth: null,
      ofSeveral: false,
      marks: [],
      groups: [],
      turnsToRepeat: null,
      turnSeconds: null,
      waitSeconds: null,
      says: [],
    },
    travel: [],
    blank: null,
    steps: sheet.steps.map((step) => ({ ...step, settings: [] })),
    words: { ...sheet.words, slack: '' },
  };
}

interface Sheet2 {
  thread: { lead: number };
  workDiameter: number;
  compound: object;
  speed: { rpm: number };
  steps: object[];
  words: object;
}
