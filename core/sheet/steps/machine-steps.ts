import { frameOfWay, capital } from '../../technique';
import type { SheetStep } from '../sheet-step';
import type { StepCase } from './step-case';
import { atMost, confirm, exact, range, value } from './step-makers';

/** Tolerance on an angle read from a swivel scale, degrees; common practice: half a mark of a one-degree scale. */
const SWIVEL_TOLERANCE_DEG = 0.5;

/** The gearing is for the lead; what a gauge finds on the scratch of one start is the lead too. */
export function pitchExpected({ sheet: { thread } }: StepCase, asLead: boolean) {
  const advance = asLead ? thread.lead : thread.pitch;
  return thread.unit === 'in' ? exact(1 / advance, 'TPI') : exact(thread.lead, 'mm pitch');
}

export function gearingStep(stepCase: StepCase): SheetStep {
  const { thread } = stepCase.sheet;
  const several = thread.starts > 1;
  const lead = thread.unit === 'in' ? `${Number((1 / thread.lead).toFixed(4))} TPI` : `${thread.lead} mm`;
  const set = several
    ? `Set the lead, ${lead} (${thread.starts} starts of ${thread.pitchText}),`
    : `Set ${thread.pitchText}${thread.unit === 'mm' ? ' pitch' : ''}`;
  const frame = frameOfWay(stepCase.way);
  const left = frame.leadScrewReversed ? ' Reverse the lead screw: left-hand.' : '';
  return {
    ...value(
      'gearing',
      'Gearing',
      `${set} from the machine’s chart; feed selector in neutral.${left} Turn by hand until the gears mesh.`,
      pitchExpected(stepCase, several),
    ),
    critical: true,
  };
}

export function speedStep({ sheet }: StepCase): SheetStep {
  const { timeInRunOut, rpm, limit } = sheet.speed;
  const left =
    timeInRunOut === null
      ? 'No shoulder limits it here.'
      : `${Math.max(0, timeInRunOut).toFixed(1)} s will be left ${LEFT[limit.endsBy]}.`;
  return value(
    'speed',
    'Spindle speed',
    left,
    atMost(rpm, 'rpm'),
    'Obey the placards on the machine: some lever positions forbid higher speeds.',
  );
}

const LEFT = {
  opening: 'in the run-out groove',
  clearing: 'to clear the tool',
  stopping: 'to stop the spindle',
  trip: '',
  'imperfect-length': 'to draw the tool out at the mark',
  'way-left': 'before the centre',
} as const;

/** From this angle on the side of the compound lies near the tool's trailing flank, and can be compared with it. */
const NEAR_FLANK_DEG = 10;

/** The compound where it feeds, or where it leads to the next start; nothing where it does neither. */
export function compoundSteps({ sheet, way, plan, words }: StepCase): SheetStep[] {
  const { angleDeg, markDeg } = sheet.compound;
  const bed = sheet.lathe.zeroAlong === 'bed' ? '; this scale reads 0 along the bed' : '';
  const expected = range(markDeg, markDeg - SWIVEL_TOLERANCE_DEG, markDeg + SWIVEL_TOLERANCE_DEG, '°');
  if (sheet.feed.slide !== 'compound') {
    if (plan.thread.startsBy !== 'compound') return [];
    const says = `Along the bed, so that one pitch of its travel leads to the next start${bed}. Gibs snug.`;
    return [{ ...value('compound', capital(words.compound), says, expected), critical: true }];
  }
  const frame = frameOfWay(way);
  const mirrored =
    frame.fed === 1
      ? ''
      : `, swung to the other side than ${way.side === 'internal' && way.toolSide === 'front' ? 'outside' : 'for right-hand'}`;
  const internalFront =
    way.side === 'internal' && way.toolSide === 'front' && frame.fed === 1
      ? ', swung to the other side than outside'
      : '';
  const nearFlank = Math.abs(angleDeg - sheet.thread.flankAngleDeg) <= NEAR_FLANK_DEG;
  const check = nearFlank ? ' Check: its side lies parallel to the tool’s trailing flank.' : '';
  return [
    {
      ...value(
        'compound',
        capital(words.compound),
        `${angleDeg}° from the cross-slide axis${internalFront === '' ? mirrored : internalFront}${bed}.${check}`,
        expected,
      ),
      critical: true,
    },
  ];
}

/** What is tried before the first cut. */
export function travelStep({ way }: StepCase): SheetStep {
  return confirm('travel', 'Travel', travelWords(way));
}

function travelWords({ side, direction, end, holding }: StepCase['way']): string {
  const centre =
    holding === 'chuck-and-centre' || holding === 'between-centres'
      ? ' clear of the tailstock'
      : ' as far as it goes';
  if (side === 'internal')
    return end === 'through'
      ? 'Bar through the bore clear of jaws and chuck, clear of the far wall when the tool comes out; slides not near their ends.'
      : 'Bar to the recess clear of the bottom, clear of the far wall when the tool comes out; slides not near their ends.';
  return direction === 'away-from-headstock'
    ? `Carriage in the run-out clear of chuck and shoulder, at its end${centre}; slides not near their ends.`
    : `Carriage to the ${end === 'mark' ? 'mark' : 'run-out'} clear of chuck and shoulder, back${centre}; slides not near their ends.`;
}
