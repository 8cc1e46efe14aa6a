import { MEASURING_WORDS } from '../gauging';
import type { Advance } from '../gearing';
import { dialFor, halfNutBy, type Lathe } from '../lathe';
import { EVIDENCE_DATA } from '../proof';
import { USUAL_WORDS } from '../shop';
import {
  DRIVE_DATA,
  forbiddenOn,
  passCycle,
  REAL_DRIVES,
  techniqueWords,
  wayHazards,
  type RealDrive,
  type Way,
} from '../technique';
import type { Sheet } from './sheet';

const ALWAYS =
  'Eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out. Measure with the spindle stopped; brush chips, no fingers.';
const DEFER = 'Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.';

/** The pass cycles of this way, the planned drive first, then the others that this lathe can have; and the hazards. */
export function cycleWords(
  way: Way,
  planned: RealDrive,
  lathe: Lathe,
  lead: Advance,
  { proof }: Pick<Sheet, 'proof'>,
): Pick<Sheet['words'], 'cycle' | 'cycles' | 'hazards' | 'allCut'> {
  const words = techniqueWords(USUAL_WORDS, MEASURING_WORDS[way.side].work);
  const can = (drive: RealDrive) =>
    forbiddenOn(way, drive, lathe, lead).every(
      ({ code, severity }) => severity !== 'refuse' && code !== 'no-safe-mark' && code !== 'no-dial',
    ) &&
    (drive !== 'trip' || lathe.trip.fitted === true);
  const drives = [planned, ...REAL_DRIVES.filter((drive) => drive !== planned && can(drive))];
  const cycles = drives.map((drive) => ({
    drive,
    name: DRIVE_DATA[drive].name(words),
    steps: passCycle(way, drive, words).map((step) => withoutDial(step, drive, lathe, lead)),
    hazards: wayHazards(way, drive, words),
  }));
  return {
    cycle: cycles[0]?.steps.join(' ') ?? '',
    cycles,
    hazards: [ALWAYS, ...wayHazards(way, planned, words), DEFER].join(' '),
    allCut: `Clean the thread, ${provingWords(proof)}, then hand in.`,
  };
}

/** What is left to do when all is cut. */
function provingWords(proof: Sheet['proof']): string {
  const measured = proof.find(({ kind }) => EVIDENCE_DATA[kind].recordedAs === 'measurement');
  if (measured !== undefined) {
    const places = measured.places.length;
    return `measure at ${places === 1 ? `the ${measured.places[0]}` : `${places === 2 ? 'two' : 'three'} places`}`;
  }
  const first = proof[0];
  return first === undefined
    ? 'look it over'
    : `prove it: ${first.title.charAt(0).toLowerCase()}${first.title.slice(1)}`;
}

/** Where the half nut finds the thread wherever it closes, and no dial shows marks, none is waited for. */
function withoutDial(step: string, drive: RealDrive, lathe: Lathe, lead: Advance): string {
  const nut = halfNutBy(lathe, lead);
  const anywhere = drive === 'half-nut' && nut.can && nut.by === 'any-place' && !dialFor(lathe, lead).usable;
  return anywhere && /^Close the half nut at /.test(step)
    ? 'Close the half nut: it finds the thread anywhere.'
    : step;
}
