import type { MeasuringWords } from '../gauging';
import type { Plan } from '../plan';
import { formatLength, type LengthUnit } from '../units';
import { showInsertPitch } from '../tool';
import type { ShopWords } from '../shop';
import type { Sheet } from './sheet';
import type { SheetStep } from './sheet-step';
import { atLeast, atMost, confirm, exact, range, value } from './step-makers';

/** Tolerance on an angle read from a swivel scale, degrees; common practice: half a mark of a one-degree scale. */
const SWIVEL_TOLERANCE_DEG = 0.5;

/** How far a tip may depart from the plan before the depth is wrong by more than a graduation; common practice. */
const TIP_TOLERANCE: Record<LengthUnit, number> = { in: 0.002, mm: 0.05 };

/** What the steps are made of: the numbers of the sheet, and the words of the shop. */
export interface StepCase {
  plan: Plan;
  sheet: Omit<Sheet, 'steps' | 'words'>;
  measuring: MeasuringWords;
  shop: ShopWords;
}

const SAFETY: SheetStep = confirm(
  'safety',
  'Safety',
  'Dress for the lathe: eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out.',
  'A turning chuck takes cloth, hair and fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.',
);

const INSTRUCTOR_LOOKS: SheetStep = {
  ...confirm('instructor-look', 'Instructor looks', 'Hold point: no cut before the instructor has looked.'),
  kind: 'sign-off',
};

/**
 * The set-up in the practitioner's order (common practice), with the values that the plan expects on this lathe. A
 * left-hand thread is cut away from the headstock, with the lead screw reversed.
 */
export function setupSteps(stepCase: StepCase): SheetStep[] {
  const { sheet, shop } = stepCase;
  const external = sheet.thread.side === 'external';
  const away = sheet.way.direction === 'away-from-headstock';
  return [
    SAFETY,
    overWiresStep(stepCase),
    workStep(stepCase),
    runOutStep(stepCase),
    external
      ? confirm(
          'holding',
          'Holding',
          'Shoulder against the jaws, tailstock centre in, quill short and locked.',
          away
            ? 'Mind the live centre: the tool runs toward it while it cuts.'
            : 'Mind the live centre: the tool comes back toward it.',
        )
      : confirm('holding', 'Holding', 'Work home against the jaws, running true; tailstock out of the way.'),
    gearingStep(stepCase),
    speedStep(stepCase),
    compoundStep(stepCase),
    tipStep(stepCase),
    external
      ? confirm(
          'tool-square',
          'Set the tool',
          'On centre height, square to the axis by the centre gauge, holder and tool screws tight.',
        )
      : confirm(
          'tool-square',
          'Set the bar',
          'Bar as stout and short as it goes; tool on centre height, square by the centre gauge; mark the depth on the bar.',
        ),
    confirm('travel', 'Travel', travelWords(external, away)),
    confirm(
      'touch-off',
      'Touch off, zero',
      `Dye the work. Come in against the backlash, touch the dye, set ${shop.crossSlide} and ${shop.compound} to 0.`,
    ),
    confirm(
      'dry-run',
      'Dry run',
      away
        ? `Clear of the work: catch the thread dial from the run-out, open the ${shop.halfNut} beyond the end.`
        : `Clear of the work: catch the thread dial, open the ${shop.halfNut} over the run-out.`,
      `A closed ${shop.halfNut} does not slip. A carriage stop will not stop it.`,
    ),
    INSTRUCTOR_LOOKS,
    {
      ...value(
        'pitch-check',
        'Pitch',
        'Lay the pitch gauge on the scratch, or count along a rule. Wrong? Stop and mend the gearing.',
        pitchExpected(stepCase, sheet.thread.starts > 1),
        'Measure only with the spindle stopped.',
      ),
      when: 'after-scratch',
    },
  ];
}

function travelWords(external: boolean, away: boolean): string {
  if (!external)
    return 'Bar to the recess clear of the bottom, clear of the far wall when the tool comes out; slides not near their ends.';
  return away
    ? 'Carriage in the run-out clear of chuck and shoulder, at its end clear of the tailstock; slides not near their ends.'
    : 'Carriage to the run-out clear of chuck and shoulder, back clear of the tailstock; slides not near their ends.';
}

function overWiresStep({ sheet, measuring }: StepCase): SheetStep {
  const { unit } = sheet.thread;
  const { target, min, max } = sheet.wires.overWires;
  return value(
    'over-wires',
    `Target ${measuring.over}`,
    `Work it out with ${measuring.pieces} of ${formatLength({ value: sheet.wires.diameter, unit }, unit, 1)} ${unit}, from limits and pitch.`,
    range(target, min, max, unit),
  );
}

function workStep({ sheet, measuring: { crest: name } }: StepCase): SheetStep {
  const { min, max } = sheet.limits.crest;
  const external = sheet.thread.side === 'external';
  return value(
    'blank',
    external ? 'Blank' : 'Bore',
    external
      ? `Turn the ${name} and measure it. Chamfer the start below the root.`
      : `Bore to the ${name} and measure it. Chamfer the mouth to the major diameter.`,
    range(sheet.workDiameter, min, max, sheet.thread.unit),
  );
}

function runOutStep({ sheet }: StepCase): SheetStep {
  const { unit, side } = sheet.thread;
  const width = formatLength({ value: sheet.speed.runOutWidth, unit });
  return side === 'external'
    ? value(
        'run-out',
        'Run-out groove',
        `At least ${width} ${unit} wide and down to the root or below. Measure its diameter.`,
        atMost(sheet.rootDiameter, unit),
      )
    : value(
        'run-out',
        'Recess',
        `At least ${width} ${unit} wide and out to the root or beyond. Measure its diameter.`,
        atLeast(sheet.rootDiameter, unit),
      );
}

/** The gearing is for the lead; what a gauge finds on the scratch of one start is the lead too. */
function pitchExpected({ sheet: { thread } }: StepCase, asLead: boolean) {
  const advance = asLead ? thread.lead : thread.pitch;
  return thread.unit === 'in' ? exact(1 / advance, 'TPI') : exact(thread.lead, 'mm pitch');
}

function gearingStep(stepCase: StepCase): SheetStep {
  const { thread } = stepCase.sheet;
  const several = thread.starts > 1;
  const lead = thread.unit === 'in' ? `${Number((1 / thread.lead).toFixed(4))} TPI` : `${thread.lead} mm`;
  const set = several
    ? `Set the lead, ${lead} (${thread.starts} starts of ${thread.pitchText}),`
    : `Set ${thread.pitchText}${thread.unit === 'mm' ? ' pitch' : ''}`;
  const left = thread.hand === 'left' ? ' Reverse the lead screw: left-hand.' : '';
  return value(
    'gearing',
    'Gearing',
    `${set} from the machine’s chart; feed selector in neutral.${left} Turn by hand until the gears mesh.`,
    pitchExpected(stepCase, several),
  );
}

function speedStep({ sheet }: StepCase): SheetStep {
  return value(
    'speed',
    'Spindle speed',
    `${sheet.speed.timeInRunOut.toFixed(1)} s will be left in the run-out groove.`,
    atMost(sheet.speed.rpm, 'rpm'),
    'Obey the placards on the machine: some lever positions forbid higher speeds.',
  );
}

/** From this angle on the side of the compound lies near the tool's trailing flank, and can be compared with it. */
const NEAR_FLANK_DEG = 10;

function compoundStep({ sheet, shop }: StepCase): SheetStep {
  const { angleDeg, markDeg } = sheet.compound;
  const bed = sheet.lathe.zeroAlong === 'bed' ? '; this scale reads 0 along the bed' : '';
  const otherSide = (sheet.thread.side === 'internal') !== (sheet.way.direction === 'away-from-headstock');
  const mirrored = otherSide
    ? sheet.thread.side === 'internal'
      ? ', swung to the other side than outside'
      : ', swung to the other side than for right-hand'
    : '';
  const nearFlank = Math.abs(angleDeg - sheet.thread.flankAngleDeg) <= NEAR_FLANK_DEG;
  const check = nearFlank ? ' Check: its side lies parallel to the tool’s trailing flank.' : '';
  return value(
    'compound',
    shop.compound.charAt(0).toUpperCase() + shop.compound.slice(1),
    `${angleDeg}° from the ${shop.crossSlide === 'cross slide' ? 'cross-slide' : shop.crossSlide} axis${mirrored}${bed}.${check}`,
    range(markDeg, markDeg - SWIVEL_TOLERANCE_DEG, markDeg + SWIVEL_TOLERANCE_DEG, '°'),
  );
}

function tipStep({ plan, sheet }: StepCase): SheetStep {
  const { unit, flankAngleDeg } = sheet.thread;
  const angle = `${2 * flankAngleDeg}°`;
  const { pitchFrom, pitchTo } = plan.tool.tip;
  if (plan.tool.tip.kind === 'insert' && pitchFrom !== null && pitchTo !== null) {
    const [from, to] = [pitchFrom, pitchTo].map((pitch) =>
      showInsertPitch(pitch as Parameters<typeof showInsertPitch>[0]),
    );
    const pitches = from === to ? `pitch ${from}` : `pitches ${from} to ${to}`;
    return confirm(
      'tip',
      'Insert',
      `${angle} insert for ${pitches}, seated, screw tight, no chip off the edge.`,
    );
  }
  if (!sheet.tip.known)
    return confirm(
      'tip',
      'Tip',
      `${angle} by the centre gauge, no nick. Its size is not known: a measurement of the thread decides.`,
    );
  if (sheet.tip.kind === 'sharp')
    return confirm('tip', 'Tip', `Sharp point, ${angle} by the centre gauge, no nick.`);
  const { size, kind } = sheet.tip;
  return value(
    'tip',
    'Tip',
    `${angle} by the centre gauge, ${kind} at the tip, no nick. Measure the ${kind}.`,
    range(size, Math.max(0, size - TIP_TOLERANCE[unit]), size + TIP_TOLERANCE[unit], unit),
  );
}
