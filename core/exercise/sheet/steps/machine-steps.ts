import { inSentence } from '@/core/measuring/gauging/measuring-words';
import { hasTailstock } from '@/core/machine/technique/holdings';
import { catchesMarks, DRIVE_DATA } from '@/core/machine/technique/drives';
import { swingWords } from '@/core/machine/technique/swing';
import { placeOfEnd } from '@/core/machine/technique/technique-words';
import { frameOfWay } from '@/core/machine/technique/cut-way';
import { capital } from '@/core/machine/technique/technique-words';
import type { SheetStep } from '../sheet-step';
import type { StepCase } from './step-case';
import { atMost, confirm, exact, range, value } from './step-makers';

/** Tolerance on an angle read from a swivel scale, degrees; common practice: half a graduation of a one-degree scale. */
const SWIVEL_TOLERANCE_DEG = 0.5;

/** The gearing is for the lead; what a gauge finds on the scratch of one start is the lead too. */
export function pitchExpected({ sheet: { thread } }: StepCase, asLead: boolean) {
  const advance = asLead ? thread.lead : thread.pitch;
  return thread.unit === 'in' ? exact(1 / advance, 'TPI') : exact(thread.lead, 'mm pitch');
}

/** Levers or gears as the machine names them; where nothing of it is written down, its own chart is read. */
export function gearingStep({ sheet, way }: StepCase): SheetStep {
  const { gearing, thread } = sheet;
  const set = [
    ...gearing.levers.map(({ lever, position, positions }) => ({ name: lever, positions, wanted: position })),
    ...gearing.gears.map(({ place, teeth }) => ({
      name: place,
      positions: [...new Set([...gearing.choices, teeth])].sort((a, b) => a - b).map(String),
      wanted: String(teeth),
    })),
  ];
  const several = thread.starts > 1;
  const lead = thread.unit === 'in' ? `${Number((1 / thread.lead).toFixed(4))} TPI` : `${thread.lead} mm`;
  const what = several
    ? `the lead, ${lead} (${thread.starts} starts of ${thread.pitchText})`
    : `${thread.pitchText}${thread.unit === 'mm' ? ' pitch' : ''}`;
  const left = leverWords(way);
  const meshed = ' Turn by hand until the gears mesh.';
  if (set.length === 0 || gearing.from === 'nothing')
    return {
      ...confirm(
        'gearing',
        'Gearing',
        `Set ${what} from the machine’s chart; feed selector in neutral.${left}${meshed}`,
      ),
      critical: true,
    };
  const says = gearing.says.filter((each) => !each.startsWith('Geared for the lead'));
  return {
    ...confirm(
      'gearing',
      'Gearing',
      [`For ${what}: set each as shown; feed selector in neutral.${left}${meshed}`, ...says]
        .join(' ')
        .slice(0, 500),
      gearing.gears.length > 0
        ? 'Change gears: power off at the isolator, cover back on before it is live.'
        : null,
    ),
    kind: 'settings',
    settings: set,
    critical: true,
  };
}

/** How the feed lever stands where the usual position would cut the other hand. */
function leverWords(way: StepCase['way']): string {
  const { leadScrewReversed, spindleReversed } = frameOfWay(way);
  const lever = leadScrewReversed ? ' Reverse the lead screw: feed lever as for a left-hand thread.' : '';
  return spindleReversed
    ? `${lever === '' ? ' Feed lever as for a right-hand thread' : ' Reverse the lead screw: feed lever as for a left-hand thread'}; the spindle runs backward while it cuts. The lever the other way cuts the other hand.`
    : lever;
}

/** What proves that the drive is really in: looked at, not copied from the sheet (common practice). */
export function driveStep({ sheet, way, drive, words }: StepCase): SheetStep {
  const toward = way.direction === 'toward-headstock' ? 'toward the headstock' : 'away from the headstock';
  const { use } = sheet.dial;
  const backward = frameOfWay(way).spindleReversed;
  const nut = DRIVE_DATA[drive].usesHalfNut;
  const looks = [
    ...(backward ? ['The spindle runs backward'] : []),
    'The lead screw turns',
    `The carriage goes ${toward}`,
    ...(nut ? [`The ${words.halfNut} goes fully home`] : []),
    ...(use === 'marks' ? ['The thread dial turns, and stands still when it is closed'] : []),
    ...(catchesMarks(drive) && use === 'not-known'
      ? ['The thread dial, if any, turns, and stands when it is closed']
      : []),
  ];
  return {
    ...confirm(
      'drive',
      'Prove the drive',
      'Spindle at the threading speed, tool well clear of the work: look at each, one after the other.',
      nut
        ? 'A closed half nut does not slip: room on both sides before you close it.'
        : 'Room on both sides before the drive is engaged; stand ready to stop the spindle.',
    ),
    kind: 'looks',
    choices: looks,
    critical: true,
  };
}

export function speedStep({ sheet, way }: StepCase): SheetStep {
  const { timeInRunOut, rpm, limit, set, marked, cap, asked, reactionSeconds } = sheet.speed;
  const little = timeInRunOut !== null && timeInRunOut < reactionSeconds - 1e-9;
  const left =
    timeInRunOut === null
      ? 'Nothing ahead of the tool limits it here.'
      : `${little ? 'Only ' : ''}${Math.max(0, timeInRunOut).toFixed(1)} s will be left ${limit.endsBy === 'opening' ? placeOfEnd(way) : LEFT[limit.endsBy]}.`;
  const how = set === '' ? '' : `${set}. `;
  const really = marked === null ? '' : ` Marked ${marked}, it really gives ${rpm} rpm.`;
  const slower = rpm < asked && cap === null ? ` The plan asks for ${asked} rpm at most.` : '';
  return value(
    'speed',
    'Spindle speed',
    `${how}${left}${really}${cap === null ? '' : ` ${cap}`}${slower}`,
    atMost(marked ?? rpm, 'rpm'),
    little
      ? `A hand usually needs ${reactionSeconds} s: show it to your instructor before you cut at this speed. Obey the placards on the machine.`
      : 'Obey the placards on the machine: some lever positions forbid higher speeds.',
  );
}

const LEFT = {
  clearing: 'to clear the tool',
  stopping: 'to stop the spindle',
  trip: '',
  'imperfect-length': 'to draw the tool out at the line',
  'way-left': 'before the centre',
} as const;

/** From this angle on the side of the compound lies near the tool's trailing flank, and can be compared with it. */
const NEAR_FLANK_DEG = 10;

/** The compound where it feeds, or where it leads to the next start; nothing where it does neither. */
export function compoundSteps({ sheet, way, plan, words }: StepCase): SheetStep[] {
  const { angleDeg, markDeg, offScale } = sheet.compound;
  const bed = sheet.compound.offScale
    ? '; this scale does not reach there: set the angle by a protractor from the cross slide'
    : sheet.lathe.zeroAlong === 'bed'
      ? '; this scale reads 0 along the bed'
      : '';
  // Beyond the scale the angle itself is set, by a protractor from the cross slide.
  const set = offScale ? angleDeg : markDeg;
  const expected = range(set, set - SWIVEL_TOLERANCE_DEG, set + SWIVEL_TOLERANCE_DEG, '°');
  if (sheet.feed.slide !== 'compound') {
    if (plan.thread.startsBy !== 'compound') return [];
    const says = `Along the bed, so that one pitch of its travel leads to the next start${bed}. Gibs snug.`;
    return [{ ...value('compound', capital(words.compound), says, expected), critical: true }];
  }
  const nearFlank = Math.abs(angleDeg - sheet.thread.flankAngleDeg) <= NEAR_FLANK_DEG;
  const check = nearFlank ? ' Check: its side lies parallel to the tool’s trailing flank.' : '';
  return [
    {
      ...value(
        'compound',
        capital(words.compound),
        `${angleDeg}° from the cross-slide axis, ${swingWords(frameOfWay(way))}${bed}.${check}`,
        expected,
      ),
      critical: true,
    },
  ];
}

/** What is tried before the first cut, with the distances of this lathe. */
export function travelStep({ way, sheet }: StepCase): SheetStep {
  const usual = travelWords(way);
  const first = sheet.travel.filter(
    ({ what }) => what === 'Begin' || what === 'Bar end' || what.startsWith('Toward'),
  );
  const more = first.map(({ what, says }) => `${what}: ${inSentence(says)}`).join(' ');
  return confirm('travel', 'Travel', `${usual} ${more}`.trim().slice(0, 500));
}

function travelWords({ side, direction, end, holding }: StepCase['way']): string {
  const centre = hasTailstock(holding) ? ' clear of the tailstock' : ' as far as it goes';
  const away = direction === 'away-from-headstock';
  const place = PLACES[end];
  if (side === 'internal')
    return end === 'through'
      ? 'Bar through the bore clear of jaws and chuck, clear of the far wall when the tool comes out; slides not near their ends.'
      : `Bar to the ${place} clear of the bottom, clear of the far wall when the tool comes out; slides not near their ends.`;
  return away
    ? `Carriage ${place === 'line' ? 'at' : 'over'} the ${place} clear of chuck and shoulder, at its end${centre}; slides not near their ends.`
    : `Carriage to the ${place} clear of chuck and shoulder, back${centre}; slides not near their ends.`;
}

const PLACES = {
  groove: 'run-out groove',
  recess: 'recess',
  mark: 'line',
  through: 'room behind',
  boss: 'boss',
} as const;
