import type { LengthUnit } from '@/core/base/units/length';
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
    version: 2,
    name,
    note: null,
    size: { swing: null, swingOverSlide: null, centres: null, crossTravel: null, compoundTravel: null },
    compound: {
      dial: USUAL_DIALS[unit],
      backlash: null,
      swivel: { zeroAlong: 'cross-slide', counts: null, graduationDeg: 1, rangeDeg: null },
    },
    crossSlide: { dial: null, backlash: null },
    spindle: { nose: null, brake: null, runDownTurns: null, speeds: [] },
    leadScrew: null,
    halfNut: { closesLate: null, lateBy: null },
    threadDial: null,
    gearing: {
      levers: [],
      quickChange: null,
      changeGears: null,
      stock: [],
      mounting: { leastPair: null, mostPair: null, mostOnStud: null, mostOnScrew: null, clearance: null },
      fixedRatio: null,
      baseSet: null,
    },
    placards: [],
    trip: { fitted: null, findsBy: null, returnsBy: null, scatter: null },
    readout: null,
  };
}
