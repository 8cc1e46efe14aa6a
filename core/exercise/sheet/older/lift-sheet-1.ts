import type { StoredObject } from '@/core/base/documents/document';

/**
 * Version 2 of a sheet out of version 1, which was made for one technique: what version 2 says more is said as it was
 * meant then, so that no number and no mark changes. Frozen: it reads what was handed out before version 2.
 */
export function liftSheet1(older: StoredObject): StoredObject {
  const sheet = older as unknown as Sheet1;
  const internal = sheet.thread.side === 'internal';
  const away = sheet.way.direction === 'away-from-headstock';
  return {
    ...older,
    version: 2,
    thread: { ...sheet.thread, startsBy: null },
    way: {
      ...sheet.way,
      toolInverted: false,
      clearOrder: 'clear-first',
      markRule: 'any-safe',
      zeroBy: null,
      end: internal ? 'recess' : 'groove',
      holding: internal ? 'chuck' : 'chuck-and-centre',
      level: 'each-step',
    },
    feed: { slide: 'compound', angleDeg: sheet.compound.angleDeg, as: 'turns', counts: 'up', zeroFigure: 0 },
    reliefDiameter: sheet.rootDiameter,
    speed: {
      ...sheet.speed,
      leastRunOut: null,
      // Version 1 judged by the whole width of the groove.
      limit: { endsBy: 'opening', usable: sheet.speed.runOutWidth, room: null, runDownTurns: 0 },
    },
    schedule: { ...sheet.schedule, school: 'constant-area' },
    passes: sheet.passes.map((pass) => ({
      ...pass,
      pitchDiameterBand: null,
      crestFlat: null,
      until: null,
      drive: null,
    })),
    stops: [],
    proof: [
      {
        id: 'wires',
        kind: 'wires',
        title: internal ? 'Over balls' : 'Over wires',
        strength: 'strong',
        places: ['start', 'middle', 'end'],
        decides: true,
        weight: 20,
        wanted: [],
        nut: null,
        gauge: null,
        bothEnds: false,
        toShoulder: false,
        least: null,
        most: null,
        fromReading: null,
      },
    ],
    steps: sheet.steps.map((step) => ({
      ...step,
      shows: 'shown',
      critical: false,
      hold: step.kind === 'sign-off',
      choices: [],
      times: null,
    })),
    words: {
      ...sheet.words,
      threadDial: 'thread dial',
      carriage: 'carriage',
      runOutGroove: 'run-out groove',
      centreGauge: 'centre gauge',
      cycles: [
        {
          drive: 'half-nut',
          name: `${sheet.words.halfNut} opened, caught by the thread dial`,
          steps: [
            sheet.words.cycle,
            away ? 'Carriage back into the run-out.' : 'Cross slide out, carriage back.',
          ],
          hazards: [],
        },
      ],
    },
  };
}

interface Sheet1 {
  thread: { side: string };
  way: { direction: string };
  compound: { angleDeg: number };
  rootDiameter: number;
  speed: { runOutWidth: number };
  schedule: object;
  passes: object[];
  steps: { kind: string }[];
  words: { cycle: string; halfNut: string };
}
