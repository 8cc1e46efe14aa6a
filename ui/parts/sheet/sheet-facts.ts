import { capital } from '@/core/measuring/gauging/measuring-words';
import { dialFigures } from '@/core/machine/lathe/dial-text';
import { NUT_ANSWERS, NUT_ANSWER_WORDS } from '@/core/measuring/nut/nut-answer';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { isHeldBack, TO_BE_FOUND } from '@/core/exercise/sheet/held-back';
import { showExpected } from '@/core/exercise/sheet/show-value';
import { shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import type { SheetStep } from '@/core/exercise/sheet/sheet-step';
import type { ShowLength } from '@/ui/units/show-length';
import { slideWord } from './slide-word';

/** What the set-up sheet says, as text: the same on screen, on paper and in the PDF. */
export type Fact = readonly [name: string, value: string];

/** The thread, its limits and its target. */
export function threadFacts(sheet: Sheet, show: ShowLength): Fact[] {
  const { thread, limits, words, compound } = sheet;
  const { unit, starts } = thread;
  const { overWires, diameter } = sheet.wires;
  const shown = show.unitOf(unit);
  const figures = (value: number) => show.figures(value, unit);
  const band = ({ min, max }: { min: number; max: number }) => `${figures(min)} – ${figures(max)}`;
  return [
    [capital(words.crest), `${band(limits.crest)} ${shown}${crestPlanned(sheet, figures)}`],
    ['Pitch diameter', `${figures(sheet.targetPitchDiameter)}  (${band(limits.pitchDiameter)}) ${shown}`],
    ...(provesByWires(sheet)
      ? [
          [
            `${capital(words.over)} of ${show.figures(diameter, unit, 1)}`,
            isHeldBack(sheet, 'over-wires')
              ? TO_BE_FOUND
              : `${figures(overWires.target)}  (${band(overWires)}) ${shown}`,
          ] as const,
        ]
      : []),
    [
      `Radial depth / ${slideWord(sheet)} feed`,
      `${figures(sheet.radialDepth)} / ${figures(sheet.compoundFeed)} ${shown}`,
    ],
    ...(sheet.feed.slide === 'compound'
      ? [
          [
            `${capital(words.compound)}: ${compound.offScale ? 'by protractor' : 'graduation to set'}`,
            isHeldBack(sheet, 'compound')
              ? TO_BE_FOUND
              : compound.offScale
                ? `${compound.angleDeg}° from the ${words.crossSlide}`
                : `${Number(compound.markDeg.toFixed(3))}°  (${compound.angleDeg}° from the ${words.crossSlide})`,
          ] as const,
        ]
      : []),
    [
      'Pitch',
      starts > 1
        ? `${thread.pitchText}, ${starts} starts, lead ${figures(thread.lead)} ${shown}`
        : thread.pitchText,
    ],
  ];
}

/** Where the blank is planned outside of its class, that is what is turned. */
function crestPlanned(
  { limits: { crest }, workDiameter }: Sheet,
  figures: (value: number) => string,
): string {
  const isInside = workDiameter > crest.min - 1e-9 && workDiameter < crest.max + 1e-9;
  return isInside ? '' : `, planned ${figures(workDiameter)}`;
}

/** Gearing, dial, speed, tool and zeros on this lathe; empty values where a sheet was made before they were kept. */
export function machineFacts(sheet: Sheet): Fact[] {
  const { gearing, dial, speed, tip, thread } = sheet;
  const safe = dial.groups.slice(0, 2).join('; or ');
  const facts: Fact[] = [
    ['Levers', gearing.levers.map(({ lever, position }) => `${lever} ${position}`).join(' · ')],
    ['Change gears', gearing.gears.map(({ place, teeth }) => `${place} ${teeth}`).join(' · ')],
    ['Gearing', gearing.says.join(' ')],
    [
      capital(sheet.words.threadDial),
      [
        dial.ofSeveral && dial.gearTeeth !== null ? `gear of ${dial.gearTeeth}` : '',
        safe === '' ? '' : `safe: ${safe}`,
        dial.waitSeconds === null || dial.use === 'any-place' ? '' : `${dial.waitSeconds.toFixed(1)} s apart`,
      ]
        .filter((each) => each !== '')
        .join(', '),
    ],
    ['', dial.says.join(' ')],
    [
      'Speed',
      isHeldBack(sheet, 'speed')
        ? TO_BE_FOUND
        : [
            `${speed.marked ?? Number(speed.rpm.toFixed(1))} rpm${speed.marked === null ? '' : ` (really ${speed.rpm})`}`,
            speed.set,
            speed.timeInRunOut === null
              ? ''
              : `${speed.timeInRunOut < speed.reactionSeconds - 1e-9 ? 'only ' : ''}${Math.max(0, speed.timeInRunOut).toFixed(1)} s left to the hand`,
            speed.cap ?? '',
          ]
            .filter((each) => each !== '')
            .join('; '),
    ],
    [
      'Tip',
      isHeldBack(sheet, 'tip')
        ? TO_BE_FOUND
        : tip.kind === 'sharp'
          ? 'sharp point'
          : `${tip.kind} ${Number(tip.size.toFixed(4))} ${thread.unit}${tip.known ? '' : ', not measured: the usual one'}`,
    ],
    ['Zeros', sheet.words.slack],
  ];
  return facts.filter(([, value]) => value !== '');
}

export const provesByWires = (sheet: Sheet): boolean => sheet.proof.some(({ kind }) => kind === 'wires');

const AFTER_WORDS: Partial<Record<SheetStep['when'], string>> = {
  'after-scratch': ' (after the first cut)',
  'mid-course': ' (in mid-course)',
  'after-cutting': ' (after cutting)',
};

/** A step of the sheet: its title, what is expected, and the place for what was set. */
export interface StepLine {
  title: string;
  expected: string;
  box: 'tick' | 'line';
}

export function stepLines(sheet: Sheet): StepLine[] {
  return sheet.steps.map((step, index) => ({
    title: `${index + 1}. ${step.title}${AFTER_WORDS[step.when] ?? ''}`,
    expected: expectedOf(step),
    box: ['confirm', 'settings', 'looks'].includes(step.kind) ? 'tick' : 'line',
  }));
}

function expectedOf(step: SheetStep): string {
  if (step.expected === null) {
    if (step.kind === 'settings' && step.shows === 'shown')
      return step.settings.map(({ wanted }) => wanted).join(' · ');
    return step.hold ? 'HOLD: instructor signs' : '';
  }
  return step.shows === 'shown' ? showExpected(step.expected) : 'work it out';
}

/** A line of the table of passes, or a stop between two. */
export type PassLine =
  | { kind: 'pass'; n: string; says: string; reading: string; infeed: string; size: string }
  | { kind: 'stop'; says: string };

export function passLines(sheet: Sheet, show: ShowLength): PassLine[] {
  const { unit, starts } = sheet.thread;
  const wires = provesByWires(sheet);
  return sheet.passes.flatMap((pass): PassLine[] => {
    const size = wires ? pass.overWires : pass.pitchDiameter;
    return [
      {
        kind: 'pass',
        n: String(pass.n),
        says: `${pass.kind}${starts > 1 ? `, start ${pass.start}` : ''}`,
        reading: shownOnSheet(pass.dialReading, sheet),
        infeed: dialFigures(pass.dialInfeed),
        size: size === null ? '' : show.figures(size, unit),
      },
      ...sheet.stops
        .filter(({ after }) => after === pass.n)
        .map((stop): PassLine => ({
          kind: 'stop',
          says: `Stop${stop.hold ? ', HOLD' : ''}: ${stop.title}${stop.onward ? ', and after every cut from here' : ''}`,
        })),
    ];
  });
}

/** What heads the table of passes. */
export function passesTitle(sheet: Sheet): string {
  const { dial } = sheet.lathe;
  const { unit, value } = dial.graduation;
  return `Passes · ${slideWord(sheet)}${sheet.feed.as === 'figure' ? '' : ' dial'} in ${unit === 'in' ? 'inch' : 'mm'}, ${value} a graduation${dial.reads === 'diameter' ? ', on the diameter' : ''}`;
}

/** Room for what the plan asks for as proof, and for nothing else. */
export function proofLines(sheet: Sheet): Fact[] {
  const { words } = sheet;
  return sheet.proof.map((evidence): Fact => {
    const { recordedAs } = EVIDENCE_DATA[evidence.kind];
    const room = {
      measurement: `${evidence.places.map((place) => `${place} ________`).join(' ')} ${capital(words.crest)} ________`,
      trial: NUT_ANSWERS.map((answer) => `[ ] ${NUT_ANSWER_WORDS[answer]}`).join('  '),
      gauge: '[ ] GO goes  [ ] NO-GO stops',
      'yes-no': '[ ] yes  [ ] no',
    } as Partial<Record<typeof recordedAs, string>>;
    return [evidence.title, room[recordedAs] ?? '________'];
  });
}
