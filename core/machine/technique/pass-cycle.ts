import { type RealDrive, DRIVE_DATA } from './drives';
import { capital, clearingWords, type TechniqueWords } from './technique-words';
import type { Way } from './way';

/** What is done from one cut to the next, in order: short, in the imperative. Nothing in it is ticked. */
export function passCycle(way: Way, drive: RealDrive, words: TechniqueWords): string[] {
  const data = DRIVE_DATA[drive];
  return [...inWords(way, words), 'Oil.', ...data.cycle(way, words, capital(clearingWords(way, words)))];
}

/** How the tool comes to its new depth. */
function inWords(way: Way, { crossSlide, compound }: TechniqueWords): string[] {
  if (way.clearing === 'compound')
    return [`${capital(compound)} in past the backlash to the last reading, and on to the next.`];
  const zero = `${capital(crossSlide)} to zero, and look: a full turn off reads zero too.`;
  switch (way.infeed) {
    case 'compound':
      return [zero, `${capital(compound)} in to the next reading.`];
    case 'alternating':
      return [
        zero,
        `${capital(compound)} in to the next reading; every other pass a light cut on the trailing flank.`,
      ];
    case 'plunge':
      return [`${capital(crossSlide)} in to the next reading, turns counted.`];
    case 'readout':
      return [`${capital(crossSlide)} in to the figure on the readout.`];
    case 'axial':
      return [
        `${capital(crossSlide)} in to the next reading, turns counted.`,
        `${capital(compound)} a hair along the work where a flank wants it; turn it back to clear.`,
      ];
  }
}
