/** Statements of which those that are safe are chosen. Common practice; shop rules, manual and instructor decide. */
export interface SafetyChoice {
  says: string;
  safe: boolean;
  /** Said when it is chosen wrongly or left out: it names the thought, not the answer. */
  hint: string;
  /** Where it applies; everywhere if nothing is said. */
  where?: 'reversing' | 'centre' | 'change-gears';
}

export const SAFETY_CHOICES: readonly SafetyChoice[] = [
  {
    says: 'Eye protection on, sleeves and hair tied back, rings and gloves off',
    safe: true,
    hint: 'Think of what a turning chuck catches.',
  },
  {
    says: 'The chuck key leaves the chuck before the hand leaves the key',
    safe: true,
    hint: 'Think of what flies when the spindle starts.',
  },
  {
    says: 'Chips are pulled away by the fingers while the spindle turns slowly',
    safe: false,
    hint: 'Think of how sharp a threading chip is, and how it winds.',
  },
  {
    says: 'Measuring is done with the spindle stopped',
    safe: true,
    hint: 'Think of where the micrometer goes when the work takes it along.',
  },
  {
    says: 'The carriage stop ends the thread: it stops the carriage with the half nut closed',
    safe: false,
    hint: 'Think of what a closed half nut does at a stop.',
  },
  {
    says: 'The first run is dry, away from the work, with the hand on the half nut',
    safe: true,
    hint: 'Think of when one finds out that the reaction is too slow.',
  },
  {
    says: 'Abrasive cloth is wrapped around the work for a clean crest',
    safe: false,
    hint: 'Think of what pulls a hand in.',
  },
  {
    says: 'A chuck that screws onto the nose is locked, or the spindle is not reversed',
    safe: true,
    hint: 'Think of what a reversed spindle does to a screwed-on chuck.',
    where: 'reversing',
  },
  {
    says: 'The tool is clear of the work before the spindle is reversed',
    safe: true,
    hint: 'Think of the backlash in the drive.',
    where: 'reversing',
  },
  {
    says: 'The carriage may run back until it meets the live centre',
    safe: false,
    hint: 'Think of what stands at the end of the return.',
    where: 'centre',
  },
  {
    says: 'Change gears are set with the power off, and the cover is on before it is live',
    safe: true,
    hint: 'Think of where fingers are when gears mesh.',
    where: 'change-gears',
  },
];
