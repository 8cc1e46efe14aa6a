import type { LengthUnit } from '../units';
import type { Lathe } from './lathe';

/** Dials as they are on most lathes of each system (common practice): a thousandth, or two hundredths of a millimetre. */
const USUAL_DIALS: Record<LengthUnit, Lathe['compound']['dial']> = {
  in: {
    graduation: { value: 0.001, unit: 'in' },
    perTurn: { value: 0.1, unit: 'in' },
    reads: 'travel',
    counts: 'up',
  },
  mm: {
    graduation: { value: 0.02, unit: 'mm' },
    perTurn: { value: 2, unit: 'mm' },
    reads: 'travel',
    counts: 'up',
  },
};

/** A lathe of which only the usual is known: where a new lathe's form begins, and what planning looks at in a shop without one. */
export function usualLathe(
  unit: LengthUnit,
  name = unit === 'in' ? 'A lathe with inch dials' : 'A lathe with metric dials',
): Lathe {
  return {
    format: 'oyakata-lathe',
    version: 1,
    name,
    compound: {
      dial: USUAL_DIALS[unit],
      swivel: { zeroAlong: 'cross-slide', graduationDeg: 1, rangeDeg: null },
    },
    crossSlide: { dial: null },
    spindle: { nose: null, runDownTurns: null },
    leadScrew: null,
    threadDial: null,
    trip: null,
    readout: null,
  };
}
