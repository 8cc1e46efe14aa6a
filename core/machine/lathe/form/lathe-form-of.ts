import type { Lathe, ThreadDial } from '../lathe';
import type { LatheForm } from './lathe-form';

const text = (value: number | string | null | undefined) =>
  value === null || value === undefined ? '' : String(value);
const yesNo = (value: boolean | null | undefined) => (value == null ? '' : value ? 'yes' : 'no');

/** The form of a lathe that is known already. */
export function latheFormOf(lathe: Lathe): LatheForm {
  const { compound, crossSlide, spindle, leadScrew, halfNut, threadDial, gearing, trip, readout, size } =
    lathe;
  const cross = crossSlide.dial;
  const sizes = Object.values(size).find((length) => length !== null);
  return {
    name: lathe.name,
    note: text(lathe.note),
    sizeUnit: sizes?.unit ?? trip.scatter?.unit ?? 'mm',
    swing: text(size.swing?.value),
    swingOverSlide: text(size.swingOverSlide?.value),
    centres: text(size.centres?.value),
    crossTravel: text(size.crossTravel?.value),
    compoundTravel: text(size.compoundTravel?.value),
    dialUnit: compound.dial.graduation.unit,
    graduation: text(compound.dial.graduation.value),
    perTurn: text(compound.dial.perTurn.value),
    reads: compound.dial.reads,
    counts: compound.dial.counts,
    backlash: text(compound.backlash?.value),
    zeroAlong: compound.swivel.zeroAlong,
    swivelCounts: text(compound.swivel.counts),
    swivelGraduation: text(compound.swivel.graduationDeg),
    swivelRange: text(compound.swivel.rangeDeg),
    crossUnit: cross?.graduation.unit ?? '',
    crossGraduation: text(cross?.graduation.value),
    crossPerTurn: text(cross?.perTurn.value),
    crossReads: cross?.reads ?? 'diameter',
    crossCounts: cross?.counts ?? 'up',
    crossBacklash: text(crossSlide.backlash?.value),
    nose: text(spindle.nose),
    brake: yesNo(spindle.brake),
    runDownTurns: text(spindle.runDownTurns),
    leadScrew: text(leadScrew?.advance),
    screwHand: text(leadScrew?.hand),
    engagedBy: text(leadScrew?.engagedBy),
    screwMostRpm: text(leadScrew?.mostRpm),
    closesLate: yesNo(halfNut.closesLate),
    lateBy: text(halfNut.lateBy?.value),
    threadDial: text(threadDial?.state),
    swingsOut: yesNo(threadDial?.swingsOut),
    stock: gearing.stock.join(', '),
    leastPair: text(gearing.mounting.leastPair),
    mostPair: text(gearing.mounting.mostPair),
    mostOnStud: text(gearing.mounting.mostOnStud),
    mostOnScrew: text(gearing.mounting.mostOnScrew),
    clearance: text(gearing.mounting.clearance),
    fixedRatio: text(gearing.fixedRatio),
    baseSet: text(gearing.baseSet),
    trip: yesNo(trip.fitted),
    tripFinds: text(trip.findsBy),
    tripReturns: text(trip.returnsBy),
    tripScatter: text(trip.scatter?.value),
    readoutUnit: readout?.resolution.unit ?? '',
    readoutResolution: text(readout?.resolution.value),
    readoutReads: readout?.reads ?? 'diameter',
    readoutAxes: readout === null ? 'cross-slide' : readout.axes.join(', '),
    ...tablesOf(lathe),
  };
}

function tablesOf({
  spindle,
  threadDial,
  gearing,
  placards,
}: Lathe): Pick<
  LatheForm,
  'speeds' | 'dialGears' | 'plate' | 'levers' | 'quickChange' | 'changeGears' | 'placards'
> {
  const { quickChange, changeGears } = gearing;
  return {
    speeds: spindle.speeds.map(({ rpm, upTo, by, set, real, torqueNm, powerW, runDownTurns }) => [
      upTo === null ? text(rpm) : `${rpm}-${upTo}`,
      text(by),
      set,
      text(real),
      text(torqueNm),
      text(powerW),
      text(runDownTurns),
    ]),
    dialGears: (threadDial?.gears ?? []).map(({ teeth, marks }) => [text(teeth), marksTyped(marks)]),
    plate: (threadDial?.plate ?? []).map(({ thread, labels }) => [thread, labels.join(' ')]),
    levers: gearing.levers.map(({ name, kind, positions, forThreading, forLeftHand }) => [
      name,
      kind,
      positions.join(', '),
      text(forThreading),
      text(forLeftHand),
    ]),
    quickChange:
      quickChange === null
        ? []
        : [
            ['Thread', ...quickChange.levers],
            ...quickChange.rows.map(({ thread, positions }) => [thread, ...positions]),
          ],
    changeGears:
      changeGears === null
        ? []
        : [
            ['Thread', ...changeGears.places.map(({ name }) => name)],
            ...changeGears.rows.map(({ thread, teeth }) => [thread, ...teeth.map(text)]),
          ],
    placards: placards.map(({ lever, position, mostRpm }) => [lever, position, text(mostRpm)]),
  };
}

/** As it is typed: a count, labels that stand evenly, or labels with their places. */
function marksTyped(marks: ThreadDial['gears'][number]['marks']): string {
  const label = (each: string) => (each === '' ? '-' : each);
  const even = marks.every(({ at }, index) => {
    const [over = '', under = '1'] = at.split('/');
    return Number(over) * marks.length === index * Number(under);
  });
  if (!even) return marks.map((mark) => `${label(mark.label)}@${mark.at}`).join(' ');
  return marks.every((mark) => mark.label === '') ||
    (marks.length === 1 && /^\d+$/.test(marks[0]?.label ?? ''))
    ? marks.length === 1 && marks[0]?.label !== ''
      ? `${marks[0]?.label}@0`
      : String(marks.length)
    : marks.map((mark) => label(mark.label)).join(' ');
}
