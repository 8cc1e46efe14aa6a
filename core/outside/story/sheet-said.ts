import { wantedAnswers } from '@/core/exercise/record/state/stop-progress';
import { expectsFor } from '@/core/exercise/record/advice/proof-state';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import { lengthIn } from '@/core/base/units/length';
import { stopData } from '@/core/machine/stops/stops';
import { NUT_ANSWERS } from '@/core/measuring/nut/nut-answer';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { isTrial } from '@/core/machine/stops/stops';

/** What a program at the lathe has to know of a sheet, said once. Lengths in the thread's unit, figures of the dial in its own. */
export function sheetSaid(sheet: Sheet): object {
  const { thread, lathe, feed, limits, tip, dial } = sheet;
  const { graduation, perTurn, reads } = lathe.dial;
  const { unit } = graduation;
  return {
    unit: thread.unit,
    side: thread.side,
    hand: thread.hand,
    starts: thread.starts,
    startsBy: thread.startsBy,
    pitch: thread.pitch,
    lead: thread.lead,
    angle: feed.angleDeg,
    feed: {
      slide: feed.slide,
      as: feed.as,
      unit,
      graduation: graduation.value,
      perTurn: lengthIn(perTurn, unit),
      reads,
      counts: feed.counts,
      zeroFigure: feed.zeroFigure,
    },
    drive: sheet.way.drive,
    markRule: sheet.way.markRule,
    marks: dial.marks.map(({ label, name, group }) => ({
      label: label === '' ? name : label,
      safe: group !== null,
    })),
    target: sheet.targetPitchDiameter,
    limits: { pitchDiameter: limits.pitchDiameter, crest: limits.crest },
    workDiameter: sheet.workDiameter,
    tip,
    rows: sheet.passes.map(({ n, kind, start, dialReading, dialInfeed, until, drive }) => ({
      n,
      kind,
      start,
      reading: shownOnSheet(dialReading, sheet),
      counted: dialReading.value,
      infeed: dialInfeed.value,
      until,
      drive,
    })),
    stops: sheet.stops.map(({ id, check, after, onward }) => ({
      id,
      check,
      after,
      onward,
      answers: isTrial(check) ? NUT_ANSWERS : (stopData(check)?.answers.map((answer) => answer.id) ?? []),
    })),
    proof: sheet.proof.map((evidence) => {
      const expects = expectsFor(sheet, evidence, true);
      return {
        id: evidence.id,
        kind: evidence.kind,
        quantity: expects.do === 'measure' ? expects.quantity : null,
        places: evidence.places,
        wire: expects.do === 'measure' ? expects.wire : null,
        crest: expects.do === 'measure',
        bothEnds: evidence.bothEnds,
        toShoulder: evidence.toShoulder,
        wanted:
          EVIDENCE_DATA[evidence.kind].recordedAs === 'trial' ? wantedAnswers(evidence) : evidence.wanted,
        answers: expects.do === 'find' ? expects.answers : expects.do === 'try' ? NUT_ANSWERS : null,
      };
    }),
    steps: sheet.steps.map(({ id, kind, when, expected, choices, critical, hold }) => ({
      id,
      kind,
      when,
      unit: expected?.unit ?? null,
      expected: expected === null ? null : { value: expected.value, min: expected.min, max: expected.max },
      choices,
      critical,
      hold,
    })),
  };
}
