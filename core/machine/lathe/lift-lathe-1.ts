import Fraction from 'fraction.js';
import type { StoredObject } from '@/core/base/documents/document';

/** Shape of version 1, as far as it changed. */
interface Lathe1 extends StoredObject {
  compound: { dial: unknown; swivel: { zeroAlong: unknown; graduationDeg: unknown; rangeDeg: unknown } };
  crossSlide: { dial: unknown };
  spindle: { nose: unknown; runDownTurns: unknown };
  leadScrew: { threadsPerInch: number | null; pitch: { value: number; unit: 'in' | 'mm' } | null } | null;
  threadDial: { gearTeeth: number | null; marks: number | null } | null;
  trip: boolean | null;
  readout: object | null;
}

/** Version 1 knew dials and swivel scale, the lead screw, the count of a dial's marks, and whether there is a trip. */
export function liftLathe1(stored: StoredObject): StoredObject {
  const older = stored as Lathe1;
  const { compound, crossSlide, spindle, leadScrew, threadDial, trip, readout } = older;
  return {
    ...older,
    version: 2,
    note: null,
    size: NO_SIZE,
    compound: { ...compound, backlash: null, swivel: { ...compound.swivel, counts: null } },
    crossSlide: { ...crossSlide, backlash: null },
    spindle: { ...spindle, brake: null, speeds: [] },
    leadScrew: liftScrew(leadScrew),
    halfNut: { closesLate: null, lateBy: null },
    threadDial: liftDial(threadDial),
    gearing: NO_GEARING,
    placards: [],
    trip: { fitted: trip, findsBy: null, returnsBy: null, scatter: null },
    readout: readout === null ? null : { ...readout, axes: ['cross-slide'] },
  };
}

const NO_SIZE = { swing: null, swingOverSlide: null, centres: null, crossTravel: null, compoundTravel: null };

const NO_GEARING = {
  levers: [],
  quickChange: null,
  changeGears: null,
  stock: [],
  mounting: { leastPair: null, mostPair: null, mostOnStud: null, mostOnScrew: null, clearance: null },
  fixedRatio: null,
  baseSet: null,
};

function liftScrew(screw: Lathe1['leadScrew']): object | null {
  if (screw === null) return null;
  const { threadsPerInch, pitch } = screw;
  const figure = exactly(threadsPerInch ?? pitch?.value ?? 0);
  if (figure === null) return null;
  const perInch = threadsPerInch !== null ? figure : pitch?.unit === 'in' ? figure.inverse() : null;
  const advance = perInch === null ? `${figure.valueOf()} mm` : `${perInch.toFraction(true)} TPI`;
  return { advance, hand: null, engagedBy: null, mostRpm: null };
}

/** As advances were written then, and read since: the text is frozen, whatever becomes of the writing. */
function exactly(figure: number): Fraction | null {
  const text = String(figure);
  return figure > 0 && /^(?:\d{0,6}\.\d{1,10}|\d{1,6})$/.test(text) ? new Fraction(text) : null;
}

/** Marks of version 1 stand evenly; their labels were not asked. */
function liftDial(dial: Lathe1['threadDial']): object | null {
  if (dial === null) return null;
  const { gearTeeth, marks } = dial;
  const known = gearTeeth !== null && marks !== null;
  return {
    state: 'in-use',
    swingsOut: null,
    gears: known
      ? [
          {
            teeth: gearTeeth,
            marks: Array.from({ length: marks }, (_, at) => ({ label: '', at: `${at}/${marks}` })),
          },
        ]
      : [],
    plate: [],
  };
}
