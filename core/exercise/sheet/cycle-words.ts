import { MEASURING_WORDS, inSentence } from '@/core/measuring/gauging/measuring-words';
import type { Advance } from '@/core/machine/gearing/advance';
import { dialFor } from '@/core/machine/lathe/dial-for';
import { halfNutBy } from '@/core/machine/lathe/half-nut-by';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { USUAL_WORDS } from '@/core/machine/shop/words';
import { DRIVE_DATA, REAL_DRIVES, type RealDrive, catchesMarks } from '@/core/machine/technique/drives';
import { forbiddenOn } from '@/core/machine/technique/forbidden';
import { passCycle } from '@/core/machine/technique/pass-cycle';
import { techniqueWords } from '@/core/machine/technique/technique-words';
import { wayHazards } from '@/core/machine/technique/hazards';
import type { Way } from '@/core/machine/technique/way';
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
    forbiddenOn(way, drive, lathe, lead).every(({ severity }) => severity !== 'refuse') &&
    DRIVE_DATA[drive].lacks(lathe, halfNutBy(lathe, lead)) === null;
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
  return first === undefined ? 'look it over' : `prove it: ${inSentence(first.title)}`;
}

/** Where the half nut finds the thread wherever it closes, and no dial shows marks, none is waited for. */
function withoutDial(step: string, drive: RealDrive, lathe: Lathe, lead: Advance): string {
  const nut = halfNutBy(lathe, lead);
  const anywhere = catchesMarks(drive) && nut.can && nut.by === 'any-place' && !dialFor(lathe, lead).usable;
  return anywhere && /^Close the half nut at /.test(step)
    ? 'Close the half nut: it finds the thread anywhere.'
    : step;
}
