import type { DerivedPlan } from '../plan';
import { leadOf, pitchOf, printTpi } from '../thread';
import { formatLength, lengthIn, roundTo, type Length, type LengthUnit } from '../units';
import type { Expected, SetupStep } from './setup-step';

/** Tolerance on an angle read from a swivel scale, degrees; common practice: half a mark of a one-degree scale. */
const SWIVEL_TOLERANCE_DEG = 0.5;

/** How far a tip may depart from the plan before the depth is wrong by more than a graduation; common practice. */
const TIP_TOLERANCE: Record<LengthUnit, number> = { in: 0.002, mm: 0.05 };

/**
 * Set-up of an external right-hand thread cut toward the headstock, in the practitioner's order (common practice),
 * with the values that the plan expects.
 */
export function setupSteps(derived: DerivedPlan): SetupStep[] {
  const { plan, thread, limits } = derived;
  const { unit } = thread;
  const show = (value: number) => formatLength({ value, unit });
  const inThread = (length: Length) => lengthIn(length, unit);
  const over: Expected = range(derived.overWires.target, derived.overWires.min, derived.overWires.max, unit);
  const pitchWord = unit === 'in' ? `${printTpi(thread)} TPI` : `${pitchOf(thread)} mm pitch`;

  return [
    confirm(
      'safety',
      'Safety',
      'Dress for the lathe: eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out.',
      {
        critical: true,
        weight: 2,
        caution:
          'A turning chuck takes cloth, hair and fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.',
      },
    ),
    value(
      'over-wires',
      'Target over wires',
      `Work it out with wires of ${formatLength({ value: derived.wire, unit }, unit, 1)} ${unit}, from limits and pitch.`,
      over,
      { weight: 2 },
    ),
    value(
      'blank',
      'Blank',
      'Turn the major diameter and measure it. Chamfer the start below the root.',
      range(derived.blank, limits.major.min, limits.major.max, unit),
      { weight: 2 },
    ),
    value(
      'run-out',
      'Run-out groove',
      `At least ${show(inThread(plan.runOutWidth))} ${unit} wide and down to the root or below. Measure its diameter.`,
      {
        value: roundTo(derived.rootDiameter, unit === 'in' ? 4 : 3),
        min: null,
        max: roundTo(derived.rootDiameter, unit === 'in' ? 4 : 3),
        unit,
        sense: 'at-most',
      },
      { weight: 1 },
    ),
    confirm('holding', 'Holding', 'Shoulder against the jaws, tailstock centre in, quill short and locked.', {
      weight: 1,
      caution: 'Mind the live centre: the tool comes back toward it.',
    }),
    value(
      'gearing',
      'Gearing',
      `Set ${pitchWord} from the machine’s chart; feed selector in neutral. Turn by hand until the gears mesh.`,
      unit === 'in' ? exact(1 / pitchOf(thread), 'TPI') : exact(leadOf(thread), 'mm pitch'),
      { weight: 2 },
    ),
    value(
      'speed',
      'Spindle speed',
      `${derived.timeInRunOut.toFixed(1)} s will be left in the run-out groove.`,
      {
        value: plan.spindleSpeedRpm,
        min: null,
        max: plan.spindleSpeedRpm,
        unit: 'rpm',
        sense: 'at-most',
      },
      { weight: 1, caution: 'Obey the placards on the machine: some lever positions forbid higher speeds.' },
    ),
    value(
      'compound',
      'Compound',
      `${plan.compoundAngleDeg}° from the cross-slide axis${plan.swivelZero === 'bed' ? '; this scale reads 0 along the bed' : ''}. Check: its side lies parallel to the tool’s trailing flank.`,
      range(
        derived.swivelMarkDeg,
        derived.swivelMarkDeg - SWIVEL_TOLERANCE_DEG,
        derived.swivelMarkDeg + SWIVEL_TOLERANCE_DEG,
        '°',
      ),
      { weight: 3 },
    ),
    tipStep(derived),
    confirm(
      'tool-square',
      'Set the tool',
      'On centre height, square to the axis by the centre gauge, holder and tool screws tight.',
      { weight: 2 },
    ),
    confirm(
      'travel',
      'Travel',
      'Carriage to the run-out clear of chuck and shoulder, back clear of the tailstock; slides not near their ends.',
      { weight: 1 },
    ),
    confirm(
      'touch-off',
      'Touch off, zero',
      'Dye the work. Come in against the backlash, touch the dye, set cross slide and compound to 0.',
      { weight: 2 },
    ),
    confirm(
      'dry-run',
      'Dry run',
      'Clear of the work: catch the thread dial, open the half nut over the run-out.',
      {
        weight: 1,
        caution: 'A closed half nut does not slip. A carriage stop will not stop it.',
      },
    ),
    {
      id: 'instructor-look',
      title: 'Instructor looks',
      instruction: 'Hold point: no cut before the instructor has looked.',
      caution: null,
      kind: 'sign-off',
      expected: null,
      when: 'before-cutting',
      critical: false,
      weight: 2,
    },
    {
      ...value(
        'pitch-check',
        'Pitch',
        'Lay the pitch gauge on the scratch, or count along a rule. Wrong? Stop and mend the gearing.',
        unit === 'in' ? exact(1 / pitchOf(thread), 'TPI') : exact(leadOf(thread), 'mm pitch'),
        { weight: 2, caution: 'Measure only with the spindle stopped.' },
      ),
      when: 'after-scratch',
    },
  ];
}

type Extras = Partial<Pick<SetupStep, 'critical' | 'caution'>> & { weight: number };

function confirm(id: string, title: string, instruction: string, extras: Extras): SetupStep {
  return {
    id,
    title,
    instruction,
    kind: 'confirm',
    expected: null,
    when: 'before-cutting',
    critical: false,
    caution: null,
    ...extras,
  };
}

function value(
  id: string,
  title: string,
  instruction: string,
  expected: Expected,
  extras: Extras,
): SetupStep {
  return {
    id,
    title,
    instruction,
    kind: 'value',
    expected,
    when: 'before-cutting',
    critical: false,
    caution: null,
    ...extras,
  };
}

function range(centre: number, min: number, max: number, unit: Expected['unit']): Expected {
  const decimals = unit === 'in' ? 4 : unit === 'mm' ? 3 : 2;
  return {
    value: roundTo(centre, decimals),
    min: roundTo(min, decimals),
    max: roundTo(max, decimals),
    unit,
    sense: 'value',
  };
}

function exact(number: number, unit: Expected['unit']): Expected {
  const rounded = roundTo(number, 6);
  return { value: rounded, min: rounded, max: rounded, unit, sense: 'value' };
}

function tipStep({ tip, thread: { unit } }: DerivedPlan): SetupStep {
  if (tip.kind === 'sharp') {
    return confirm('tip', 'Tip', 'Sharp point, 60° by the centre gauge, no nick.', { weight: 1 });
  }
  const size = tip.kind === 'flat' ? tip.flat : tip.radius;
  const what = tip.kind === 'flat' ? 'flat' : 'radius';
  const band = range(size, Math.max(0, size - TIP_TOLERANCE[unit]), size + TIP_TOLERANCE[unit], unit);
  return value(
    'tip',
    'Tip',
    `60° by the centre gauge, ${what} at the tip, no nick. Measure the ${what}.`,
    band,
    { weight: 1 },
  );
}
