import type { Result } from '@/core/base/errors/field-issue';
import { exactFigure, parseAdvance } from '../../gearing/advance';
import { readStock } from '../../gearing/read-stock';
import { parseAngleDeg } from '@/core/base/units/parse-angle';
import { saidText } from '@/core/base/documents/visible-text';
import { NOSES, READOUT_AXES } from '../lathe-names';
import type { Lathe } from '../lathe';
import { FormReader } from './form-reader';
import type { LatheField, LatheForm } from './lathe-form';
import { readChangeGears, readQuickChange } from './read-charts';
import { readDial } from './read-dial';
import { readDialGears } from './read-dial-gears';
import { readLevers, readPlacards } from './read-levers';
import { readPlate } from './read-plate';
import { readSpeeds } from './read-speeds';

const IN_MM = 'Say whether it is in inch or mm.';

/** Reads the form of a lathe; every issue names its field, one in a list its row and column: `speeds.2.0`. */
export function readLatheForm(form: LatheForm): Result<Lathe> {
  const reader = new FormReader();
  const name = saidText(form.name);
  if (name === '') reader.wrong('name', 'required', 'Name the lathe as the shop calls it, such as Lathe 3.');
  if (name.length > 80) reader.wrong('name', 'too-long', 'At most 80 characters.');
  const unitOf = (field: LatheField) => reader.choice(field, form[field], ['in', 'mm'], IN_MM);
  const unit = unitOf('dialUnit') ?? 'in';
  const sizeUnit = unitOf('sizeUnit') ?? 'mm';
  const size = (field: LatheField) => reader.length(field, form[field], sizeUnit);
  const dial = readDial(
    form,
    { graduation: 'graduation', perTurn: 'perTurn', reads: 'reads', counts: 'counts' },
    unit,
    reader,
  );
  const zeroAlong =
    reader.choice(
      'zeroAlong',
      form.zeroAlong,
      ['cross-slide', 'bed'],
      'Choose where the swivel scale reads 0: along the cross slide, or along the bed.',
    ) ??
    (form.zeroAlong === ''
      ? reader.wrong('zeroAlong', 'required', 'Choose where the swivel scale reads 0.')
      : null);
  const angle = (field: LatheField, most: number) =>
    form[field].trim() === '' ? null : reader.keep(parseAngleDeg(field, form[field], 0, most));
  const crossUnit = unitOf('crossUnit');
  const readoutUnit = unitOf('readoutUnit');
  const resolution =
    readoutUnit === null ? null : reader.length('readoutResolution', form.readoutResolution, readoutUnit);
  const levers = readLevers(form.levers, reader);
  const quickChange = readQuickChange(form.quickChange, reader);
  const count = (field: LatheField, most: number, what: string, least = 1) =>
    reader.count(field, form[field], most, what, least);

  const lathe: Lathe = {
    format: 'oyakata-lathe',
    version: 2,
    name,
    note: reader.words('note', form.note, 500),
    size: {
      swing: size('swing'),
      swingOverSlide: size('swingOverSlide'),
      centres: size('centres'),
      crossTravel: size('crossTravel'),
      compoundTravel: size('compoundTravel'),
    },
    compound: {
      // A lathe whose dial can not be read is refused below.
      dial: dial as Lathe['compound']['dial'],
      backlash: reader.length('backlash', form.backlash, unit),
      swivel: {
        zeroAlong: zeroAlong ?? 'cross-slide',
        counts: reader.choice(
          'swivelCounts',
          form.swivelCounts,
          ['both-ways', 'clockwise', 'counter-clockwise'],
          'Choose which way the scale counts.',
        ),
        graduationDeg: angle('swivelGraduation', 45),
        rangeDeg: angle('swivelRange', 360),
      },
    },
    crossSlide: {
      dial:
        crossUnit === null
          ? null
          : readDial(
              form,
              {
                graduation: 'crossGraduation',
                perTurn: 'crossPerTurn',
                reads: 'crossReads',
                counts: 'crossCounts',
              },
              crossUnit,
              reader,
            ),
      backlash: crossUnit === null ? null : reader.length('crossBacklash', form.crossBacklash, crossUnit),
    },
    spindle: {
      nose: reader.choice('nose', form.nose, NOSES, 'Choose how the chuck is held.'),
      brake: reader.yesNo('brake', form.brake),
      runDownTurns: reader.number('runDownTurns', form.runDownTurns, 0, 1000),
      speeds: readSpeeds(form.speeds, reader),
    },
    leadScrew: readScrew(form, reader),
    halfNut: {
      closesLate: reader.yesNo('closesLate', form.closesLate),
      lateBy: form.closesLate === 'yes' ? reader.length('lateBy', form.lateBy, unit) : null,
    },
    threadDial: readThreadDial(form, reader),
    gearing: {
      levers,
      quickChange,
      changeGears: readChangeGears(form.changeGears, reader),
      stock: reader.keep(readStock('stock', form.stock)) ?? [],
      mounting: {
        leastPair: count('leastPair', 2000, 'the teeth'),
        mostPair: count('mostPair', 2000, 'the teeth'),
        mostOnStud: count('mostOnStud', 1000, 'the teeth'),
        mostOnScrew: count('mostOnScrew', 1000, 'the teeth'),
        clearance: count('clearance', 1000, 'the teeth', 0),
      },
      fixedRatio: readRatio(form.fixedRatio, reader),
      baseSet: reader.words('baseSet', form.baseSet, 200),
    },
    placards: readPlacards(form.placards, levers, quickChange, reader),
    trip: {
      fitted: reader.yesNo('trip', form.trip),
      findsBy: reader.choice('tripFinds', form.tripFinds, ['clutch', 'dial'], 'Choose clutch or dial.'),
      returnsBy: reader.choice('tripReturns', form.tripReturns, ['power', 'hand'], 'Choose power or hand.'),
      scatter: reader.length('tripScatter', form.tripScatter, sizeUnit),
    },
    readout:
      resolution === null
        ? null
        : {
            axes: readAxes(form.readoutAxes, reader),
            resolution,
            reads:
              reader.choice(
                'readoutReads',
                form.readoutReads,
                ['radius', 'diameter'],
                'Say whether it reads radius or diameter.',
              ) ?? 'diameter',
          },
  };
  return reader.issues.length > 0 || dial === null
    ? { ok: false, issues: reader.issues }
    : { ok: true, value: lathe };
}

function readScrew(form: LatheForm, reader: FormReader): Lathe['leadScrew'] {
  const engagedBy = reader.choice(
    'engagedBy',
    form.engagedBy,
    ['collar', 'clutch', 'always'],
    'Choose what makes it turn.',
  );
  const hand = reader.choice('screwHand', form.screwHand, ['right', 'left'], 'Choose its hand.');
  const mostRpm = reader.number('screwMostRpm', form.screwMostRpm, 0.1, 20000);
  if (form.leadScrew.trim() === '') return null;
  // A bare number is threads per inch: lead screws in mm are always said with their unit (common practice).
  const read = reader.keep(parseAdvance('leadScrew', form.leadScrew));
  if (read === null) return null;
  const said = saidText(form.leadScrew);
  return { advance: /mm|tpi/i.test(said) ? said : `${said} TPI`, hand, engagedBy, mostRpm };
}

function readThreadDial(form: LatheForm, reader: FormReader): Lathe['threadDial'] {
  const gears = readDialGears(form.dialGears, reader);
  const plate = readPlate(form.plate, reader);
  const state = reader.choice(
    'threadDial',
    form.threadDial,
    ['in-use', 'none', 'unusable'],
    'Say whether it is in use, unusable, or not there.',
  );
  if (state === null && gears.length === 0 && plate.length === 0) return null;
  return { state: state ?? 'in-use', swingsOut: reader.yesNo('swingsOut', form.swingsOut), gears, plate };
}

function readRatio(text: string, reader: FormReader): string | null {
  if (text.trim() === '') return null;
  const ratio = exactFigure(text.trim());
  if (ratio !== null) return ratio.toFraction();
  return reader.wrong('fixedRatio', 'unreadable', 'Write the ratio exactly, such as 1/2.');
}

function readAxes(text: string, reader: FormReader): NonNullable<Lathe['readout']>['axes'] {
  const words = text.split(/[\s,;]+/).filter((word) => word !== '');
  const axes = READOUT_AXES.filter((axis) => words.includes(axis));
  if (axes.length === words.length) return axes;
  reader.wrong('readoutAxes', 'unreadable', `Name its axes: ${READOUT_AXES.join(', ')}.`);
  return [];
}
