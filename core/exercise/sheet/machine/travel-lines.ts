import type { Lathe } from '@/core/machine/lathe/lathe';
import { hasTailstock, HOLDING_DATA } from '@/core/machine/technique/holdings';
import { catchesMarks, type RealDrive } from '@/core/machine/technique/drives';
import { capital, placeOfEnd, startWords } from '@/core/machine/technique/technique-words';
import type { Way } from '@/core/machine/technique/way';
import { formatLength } from '@/core/base/units/format-length';
import type { LengthUnit } from '@/core/base/units/length';
import type { Sheet } from '../sheet';

/** How many leads a carriage begins off the work so that the slack is out before the tool meets it; common practice. */
const LEADS_BEFORE = 3;

interface TravelCase {
  way: Way;
  drive: RealDrive;
  lathe: Lathe;
  unit: LengthUnit;
  lead: number;
  speed: Sheet['speed'];
  compoundFeed: number;
  slide: Sheet['feed']['slide'];
}

/**
 * What is tried before the first cut on this lathe, each with the distance that a hand needs: what would meet first is
 * named, and contact is never the stop.
 */
export function travelLines({ way, drive, lathe, unit, lead, speed, compoundFeed, slide }: TravelCase): {
  what: string;
  says: string;
}[] {
  const show = (length: number) => `${formatLength({ value: length, unit })} ${unit}`;
  const reaction = (speed.rpm / 60) * speed.reactionSeconds * lead;
  const runOn = reaction + speed.limit.runDownTurns * lead;
  const internal = way.side === 'internal';
  const away = way.direction === 'away-from-headstock';
  const behind = HOLDING_DATA[way.holding].nearest;
  const lines: { what: string; says: string }[] = [
    {
      what: 'While you react',
      says: `The carriage runs ${show(reaction)} in ${speed.reactionSeconds} s${speed.limit.runDownTurns > 0 ? `, and ${show(runOn)} until the spindle rests` : ''}.`,
    },
    {
      what: 'Begin',
      says: away
        ? `${capital(startWords(way))}, tool clear; the slack taken out before it meets the work.`
        : `${show(Math.max(reaction, LEADS_BEFORE * lead))} off the work or more: ${catchesMarks(drive) ? 'a wrong dial mark can still be opened, and the slack is out' : 'the slack is out before it meets the work'}.`,
    },
  ];
  if (internal) {
    const first = way.end === 'through' ? `the ${behind}` : 'the bottom of the bore';
    lines.push(
      {
        what: 'Bar end',
        says: away
          ? `Clear of ${first} where it begins: bring it there by hand, before the spindle is live. Contact is never the stop.`
          : `Meets ${first} first: ${show(runOn)} or more left when the tool stands ${placeOfEnd(way)}. Contact is never the stop.`,
      },
      {
        what: 'Holder',
        says: `Clear of the face of the work by ${show(runOn)} at that place; clear of the far wall when the tool comes out.`,
      },
    );
  } else if (away) {
    const first = hasTailstock(way.holding)
      ? 'live centre'
      : 'tailstock, or the end of the carriage’s own way,';
    lines.push({
      what: 'Toward the tailstock',
      says: `Meets the ${first} first: ${show(runOn)} or more left when the tool is off the work. Contact is never the stop.`,
    });
    lines.push({
      what: 'Back',
      says: `Clear of ${way.end === 'through' ? `the ${behind}` : `shoulder and ${behind}`} at the start: bring it there by hand, and look.`,
    });
  } else {
    const first = way.end === 'through' ? behind : `shoulder, then the ${behind}`;
    lines.push({
      what: 'Toward the chuck',
      says: `Meets the ${first} first: ${show(runOn)} or more left when the tool stands ${placeOfEnd(way)}. Contact is never the stop.`,
    });
    if (hasTailstock(way.holding))
      lines.push({
        what: 'Back',
        says: 'Carriage and tool clear of the live centre and the tailstock at the start.',
      });
  }
  const { scatter, fitted } = lathe.trip;
  if (speed.limit.endsBy === 'trip' && fitted === true)
    lines.push({
      what: 'Trip',
      says: `Proved clear of the work first, its fine screw at mid-travel.${scatter === null ? '' : ` Where it lets go scatters by ${formatLength(scatter)} ${scatter.unit}: more than that must be left in the run-out.`}`,
    });
  if (slide === 'compound') {
    const travel = lathe.size.compoundTravel;
    lines.push({
      what: 'Compound',
      says: `Forward enough that ${show(compoundFeed)} is left to feed${travel === null ? '' : ` of its ${formatLength(travel)} ${travel.unit}`}, not near its end.`,
    });
  }
  return lines;
}
