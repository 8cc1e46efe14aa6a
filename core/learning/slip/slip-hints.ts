import type { FoundSlip } from './recognise-slip';
import type { SlipId } from './slips';

/** What is said of a slip: it names the slip and never the number, so that the working is done again. */
const SLIP_HINTS: Record<SlipId, string> = {
  'double-depth': 'This is the depth on the diameter. The slide goes in on the radius.',
  halved: 'This is half of it. Look where a half was taken twice.',
  'cosine-left-out':
    'This is the radial depth. The compound stands at an angle and has further to go: divide by the cosine.',
  'cosine-multiplied':
    'The cosine was multiplied. The compound goes further than the depth, not less far: divide by it.',
  'sine-for-cosine': 'The sine stands in the place of the cosine.',
  'rule-of-thumb':
    'This is a rule of thumb. It knows neither this blank nor this tip: work the depth out for both.',
  'included-for-half': 'The whole angle of the thread was taken. Each flank stands at half of it.',
  'degrees-as-radians': 'The calculator took the angle in radians. Set it to degrees.',
  complement: 'This counts from the other axis. Look where the scale of this lathe reads 0.',
  'nominal-for-real': 'The nominal size was taken. The work has its own: take what you measured.',
  'tip-as-sharp': 'The tool was taken as sharp. Its flat or radius makes the depth less.',
  'basic-for-limit': 'The allowance was left out: this is counted from the basic size.',
  'other-limit': 'This is the other limit: look whether the largest or the smallest is asked.',
  'other-class': 'This belongs to another class of fit.',
  'other-member': 'This belongs to the mating thread: look whether screw or nut is asked.',
  'next-pitch': 'This belongs to the neighbouring pitch of the same diameter.',
  reciprocal: 'Threads per inch and pitch were changed about: one is the other’s reciprocal.',
  'inch-mm': 'Inch and millimetre were changed about.',
  'decimal-shift': 'The decimal point stands in the wrong place.',
  'digits-swapped': 'Two figures were changed about. Read it once more.',
  'pitch-term-left-out': 'The term of the pitch was left out: the wires lie in the groove, not on it.',
  'one-wire': 'One wire was counted. Three lie in the grooves.',
  'other-wire': 'This is for the best wire. Take the wire that you have in hand.',
  'wires-left-out': 'This is the pitch diameter itself. The micrometer reads over the wires.',
  'rounded-too-far': 'Nearly: something was rounded too far on the way. Round at the end only.',
};

const LANDS = {
  inside: 'Here it ends inside the limits, but not at the size aimed at.',
  over: 'Here it ends over the largest size allowed.',
  under: 'Here it ends under the smallest size allowed.',
} as const;

/** The hint of a slip as it was found: of a rule of thumb which one it is, and where it ends. */
export function hintOf({ id, rule, lands }: FoundSlip): string {
  if (rule === undefined || lands === undefined) return SLIP_HINTS[id];
  return `This is a rule of thumb: ${rule}. It knows neither this blank nor this tip: work the depth out for both. ${LANDS[lands]}`;
}
