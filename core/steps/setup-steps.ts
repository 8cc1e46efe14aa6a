import { MEASURING_WORDS, type MeasuringWords } from '../gauging';
import type { DerivedPlan } from '../plan';
import { crestLimits, formOf, leadOf, pitchOf, printTpi } from '../thread';
import { formatLength, lengthIn, type LengthUnit } from '../units';
import type { SetupStep } from './setup-step';
import { atLeast, atMost, confirm, exact, range, value } from './step-makers';

/** Tolerance on an angle read from a swivel scale, degrees; common practice: half a mark of a one-degree scale. */
const SWIVEL_TOLERANCE_DEG = 0.5;

/** How far a tip may depart from the plan before the depth is wrong by more than a graduation; common practice. */
const TIP_TOLERANCE: Record<LengthUnit, number> = { in: 0.002, mm: 0.05 };

const SAFETY: SetupStep = confirm(
  'safety',
  'Safety',
  'Dress for the lathe: eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out.',
  {
    critical: true,
    weight: 2,
    caution:
      'A turning chuck takes cloth, hair and fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.',
  },
);

const TOUCH_OFF: SetupStep = confirm(
  'touch-off',
  'Touch off, zero',
  'Dye the work. Come in against the backlash, touch the dye, set cross slide and compound to 0.',
  { weight: 2 },
);

const DRY_RUN: SetupStep = confirm(
  'dry-run',
  'Dry run',
  'Clear of the work: catch the thread dial, open the half nut over the run-out.',
  { weight: 1, caution: 'A closed half nut does not slip. A carriage stop will not stop it.' },
);

const INSTRUCTOR_LOOKS: SetupStep = {
  ...confirm('instructor-look', 'Instructor looks', 'Hold point: no cut before the instructor has looked.', {
    weight: 2,
  }),
  kind: 'sign-off',
};

/**
 * Set-up of a right-hand thread cut toward the headstock, in the practitioner's order (common practice), with the
 * values that the plan expects.
 */
export function setupSteps(derived: DerivedPlan): SetupStep[] {
  const external = derived.thread.side === 'external';
  const words = MEASURING_WORDS[derived.thread.side];
  return [
    SAFETY,
    overWiresStep(derived, words),
    workStep(derived, words),
    runOutStep(derived),
    external
      ? confirm(
          'holding',
          'Holding',
          'Shoulder against the jaws, tailstock centre in, quill short and locked.',
          {
            weight: 1,
            caution: 'Mind the live centre: the tool comes back toward it.',
          },
        )
      : confirm('holding', 'Holding', 'Work home against the jaws, running true; tailstock out of the way.', {
          weight: 1,
        }),
    gearingStep(derived),
    speedStep(derived),
    compoundStep(derived),
    tipStep(derived),
    external
      ? confirm(
          'tool-square',
          'Set the tool',
          'On centre height, square to the axis by the centre gauge, holder and tool screws tight.',
          { weight: 2 },
        )
      : confirm(
          'tool-square',
          'Set the bar',
          'Bar as stout and short as it goes; tool on centre height, square by the centre gauge; mark the depth on the bar.',
          { weight: 2 },
        ),
    confirm(
      'travel',
      'Travel',
      external
        ? 'Carriage to the run-out clear of chuck and shoulder, back clear of the tailstock; slides not near their ends.'
        : 'Bar to the recess clear of the bottom, clear of the far wall when the tool comes out; slides not near their ends.',
      { weight: 1 },
    ),
    TOUCH_OFF,
    DRY_RUN,
    INSTRUCTOR_LOOKS,
    {
      ...value(
        'pitch-check',
        'Pitch',
        'Lay the pitch gauge on the scratch, or count along a rule. Wrong? Stop and mend the gearing.',
        pitchExpected(derived),
        { weight: 2, caution: 'Measure only with the spindle stopped.' },
      ),
      when: 'after-scratch',
    },
  ];
}

function overWiresStep(derived: DerivedPlan, words: MeasuringWords): SetupStep {
  const { unit } = derived.thread;
  const { target, min, max } = derived.overWires;
  return value(
    'over-wires',
    `Target ${words.over}`,
    `Work it out with ${words.pieces} of ${formatLength({ value: derived.wire, unit }, unit, 1)} ${unit}, from limits and pitch.`,
    range(target, min, max, unit),
    { weight: 2 },
  );
}

function workStep({ thread, limits, blank }: DerivedPlan, { crest: name }: MeasuringWords): SetupStep {
  const crest = crestLimits(limits);
  const external = thread.side === 'external';
  return value(
    'blank',
    external ? 'Blank' : 'Bore',
    external
      ? `Turn the ${name} and measure it. Chamfer the start below the root.`
      : `Bore to the ${name} and measure it. Chamfer the mouth to the major diameter.`,
    range(blank, crest.min, crest.max, thread.unit),
    { weight: 2 },
  );
}

function runOutStep({ plan, thread, rootDiameter }: DerivedPlan): SetupStep {
  const { unit } = thread;
  const width = formatLength({ value: lengthIn(plan.runOutWidth, unit), unit });
  return thread.side === 'external'
    ? value(
        'run-out',
        'Run-out groove',
        `At least ${width} ${unit} wide and down to the root or below. Measure its diameter.`,
        atMost(rootDiameter, unit),
        { weight: 1 },
      )
    : value(
        'run-out',
        'Recess',
        `At least ${width} ${unit} wide and out to the root or beyond. Measure its diameter.`,
        atLeast(rootDiameter, unit),
        { weight: 1 },
      );
}

function pitchExpected({ thread }: DerivedPlan) {
  return thread.unit === 'in' ? exact(1 / pitchOf(thread), 'TPI') : exact(leadOf(thread), 'mm pitch');
}

function gearingStep(derived: DerivedPlan): SetupStep {
  const { thread } = derived;
  const pitchWord = thread.unit === 'in' ? `${printTpi(thread)} TPI` : `${pitchOf(thread)} mm pitch`;
  return value(
    'gearing',
    'Gearing',
    `Set ${pitchWord} from the machine’s chart; feed selector in neutral. Turn by hand until the gears mesh.`,
    pitchExpected(derived),
    { weight: 2 },
  );
}

function speedStep({ plan, timeInRunOut }: DerivedPlan): SetupStep {
  return value(
    'speed',
    'Spindle speed',
    `${timeInRunOut.toFixed(1)} s will be left in the run-out groove.`,
    atMost(plan.spindleSpeedRpm, 'rpm'),
    { weight: 1, caution: 'Obey the placards on the machine: some lever positions forbid higher speeds.' },
  );
}

function compoundStep({ plan, thread, swivelMarkDeg }: DerivedPlan): SetupStep {
  const bed = plan.swivelZero === 'bed' ? '; this scale reads 0 along the bed' : '';
  const mirrored = thread.side === 'internal' ? ', swung to the other side than outside' : '';
  return value(
    'compound',
    'Compound',
    `${plan.compoundAngleDeg}° from the cross-slide axis${mirrored}${bed}. Check: its side lies parallel to the tool’s trailing flank.`,
    range(swivelMarkDeg, swivelMarkDeg - SWIVEL_TOLERANCE_DEG, swivelMarkDeg + SWIVEL_TOLERANCE_DEG, '°'),
    { weight: 3 },
  );
}

function tipStep({ plan, tip, thread }: DerivedPlan): SetupStep {
  const { unit } = thread;
  const angle = `${2 * formOf(thread).flankAngleDeg}°`;
  if (plan.tip.kind === 'insert') {
    const pitches = [plan.tip.pitchFrom, plan.tip.pitchTo].map((length) =>
      formatLength({ value: lengthIn(length, unit), unit }),
    );
    const pitchText = pitches[0] === pitches[1] ? `pitch ${pitches[0]}` : `pitches ${pitches.join(' to ')}`;
    return confirm(
      'tip',
      'Insert',
      `${angle} insert for ${pitchText} ${unit}, seated, screw tight, no chip off the edge.`,
      {
        weight: 1,
      },
    );
  }
  if (tip.kind === 'sharp') {
    return confirm('tip', 'Tip', `Sharp point, ${angle} by the centre gauge, no nick.`, { weight: 1 });
  }
  const size = tip.kind === 'flat' ? tip.flat : tip.radius;
  return value(
    'tip',
    'Tip',
    `${angle} by the centre gauge, ${tip.kind} at the tip, no nick. Measure the ${tip.kind}.`,
    range(size, Math.max(0, size - TIP_TOLERANCE[unit]), size + TIP_TOLERANCE[unit], unit),
    { weight: 1 },
  );
}
