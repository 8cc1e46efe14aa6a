/**
 * What must come before what in a set-up, by the ids of the steps, and why. Only what matters is here: shops and masters
 * differ in the rest, and any order that keeps to these is right. Common practice.
 */
export const BEFORE: readonly { first: string; then: string; why: string }[] = [
  { first: 'safety', then: 'blank', why: 'Before anything turns, what protects you is on.' },
  { first: 'holding', then: 'touch-off', why: 'What moves in its holding after the zero has lost it.' },
  { first: 'blank', then: 'touch-off', why: 'The zero is taken on the work as it is turned.' },
  { first: 'gearing', then: 'dry-run', why: 'A dry run proves the drive that is set.' },
  { first: 'speed', then: 'dry-run', why: 'A dry run shows whether the hand keeps up with that speed.' },
  { first: 'compound', then: 'tool-square', why: 'Swivelling the compound takes the tool along.' },
  { first: 'compound', then: 'touch-off', why: 'Swivelling the compound after the zero has lost it.' },
  { first: 'tool-square', then: 'touch-off', why: 'Turning the tool after the zero has lost it.' },
  { first: 'travel', then: 'dry-run', why: 'First by hand, then under power.' },
  { first: 'touch-off', then: 'instructor-look', why: 'Whoever looks wants to see the zero, too.' },
];

/** Steps whose order is asked, as far as a set-up has them. */
export const ORDERED_STEPS = [
  'safety',
  'holding',
  'blank',
  'gearing',
  'compound',
  'tool-square',
  'touch-off',
  'dry-run',
] as const;
