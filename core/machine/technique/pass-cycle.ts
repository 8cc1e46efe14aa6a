import { frameOfWay } from './cut-way';
import { type RealDrive, DRIVE_DATA } from './drives';
import { capital, clearingWords, type TechniqueWords } from './technique-words';
import type { Way } from './way';

/** What is done from one cut to the next, in order: short, in the imperative. Nothing in it is ticked. */
export function passCycle(way: Way, drive: RealDrive, words: TechniqueWords): string[] {
  const data = DRIVE_DATA[drive];
  const backward = frameOfWay(way).spindleReversed && !data.returnsUnderPower;
  return [
    ...inWords(way, words),
    'Oil.',
    ...(backward ? ['Spindle backward, from the first pass to the last.'] : []),
    ...data.cycle(way, words, capital(clearingWords(way, words))),
  ];
}

/** How the tool comes to its new depth: in, or out toward the operator where that takes it deeper. */
function inWords(way: Way, { crossSlide, compound }: TechniqueWords): string[] {
  const toward = frameOfWay(way).deeperTowardOperator;
  const on = (slide: string) => (toward ? `Draw the ${slide} out` : `${capital(slide)} in`);
  const cross = `${capital(crossSlide)} ${toward ? 'toward you' : 'in'}`;
  if (way.clearing === 'compound')
    return [`${on(compound)} past the backlash to the last reading, and on to the next.`];
  const zero = `${capital(crossSlide)} to zero, and look: a full turn off reads zero too.`;
  switch (way.infeed) {
    case 'compound':
      return [zero, `${on(compound)} to the next reading.`];
    case 'alternating':
      return [
        zero,
        `${on(compound)} to the next reading; every other pass a light cut on the trailing flank, its move along the work is not reckoned.`,
      ];
    case 'plunge':
      return [`${cross} to the next reading, turns counted.`];
    case 'readout':
    case 'readout-zeroed':
      return [`${cross} to the figure on the readout.`];
    case 'axial':
      return [
        `${cross} to the next reading, turns counted.`,
        `${capital(compound)} a hair along the work where a flank wants it; turn it back to clear.`,
      ];
  }
}
