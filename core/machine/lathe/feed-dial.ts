import type { Dial, Lathe } from './lathe';
import { usualLathe } from './usual-lathe';

/** The slide by which the tool is fed. */
export type FeedSlide = 'compound' | 'cross-slide' | 'readout';

/** A readout has no turns: its figure runs on. */
const NO_TURN = 1000;

/**
 * The dial, or the readout, of the slide that feeds on a lathe. A cross slide whose dial nobody has looked up is taken
 * to be the usual one of this lathe's unit, on the radius.
 */
export function feedDial(lathe: Lathe, slide: FeedSlide): { dial: Dial; known: boolean } {
  const { compound, crossSlide, readout } = lathe;
  if (slide === 'compound') return { dial: compound.dial, known: true };
  const usual = usualLathe(compound.dial.graduation.unit).compound.dial;
  if (slide === 'cross-slide') return { dial: crossSlide.dial ?? usual, known: crossSlide.dial !== null };
  if (readout === null) return { dial: usual, known: false };
  const { resolution, reads } = readout;
  return {
    dial: {
      graduation: resolution,
      perTurn: { value: NO_TURN, unit: resolution.unit },
      reads: reads === 'diameter' ? 'diameter' : 'travel',
      counts: 'up',
    },
    known: true,
  };
}
