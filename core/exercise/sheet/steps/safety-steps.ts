import type { SheetStep } from '../sheet-step';
import { confirm } from './step-makers';

const DEFER = 'Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.';

/** Common practice; the instructor puts the shop's own words in their place, and adds lines of the shop. */
export const SAFETY_STEPS: readonly SheetStep[] = [
  {
    ...confirm(
      'safety',
      'Safety',
      'Dress for the lathe: eye protection on; rings, watch and gloves off; sleeves and hair tied back.',
      `A turning chuck takes cloth, hair and fingers. ${DEFER}`,
    ),
    critical: true,
  },
  {
    ...confirm(
      'safety-machine',
      'Machine safe',
      'Chuck key out, guards shut, nothing loose on the ways; you know where the stop is; phone away.',
      `A chuck key left in flies. ${DEFER}`,
    ),
    critical: true,
  },
];

export const INSTRUCTOR_LOOKS: SheetStep = {
  ...confirm('instructor-look', 'Instructor looks', 'Hold point: no cut before the instructor has looked.'),
  kind: 'sign-off',
  hold: true,
};
