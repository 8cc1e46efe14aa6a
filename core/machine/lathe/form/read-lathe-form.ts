import type { Result } from '@/core/base/errors/field-issue';
import { exactFigure, parseAdvance } from '../../gearing/advance';
import { readStock } from '../../gearing/read-stock';
import { saidText } from '@/core/base/documents/visible-text';
import { READOUT_AXES } from '../lathe-names';
import type { Lathe } from '../lathe';
import { FormReader } from './form-reader';
import { readLatheField } from './lathe-field';
import { LATHE_FIELD_LIST, latheField } from './lathe-fields';
import type { LatheForm } from './lathe-form';
import type { LengthUnit } from '@/core/base/units/length';
import { readChangeGears, readQuickChange } from './read-charts';
import { readDial } from './read-dial';
import { readDialGears } from './read-dial-gears';
import { readLevers, readPlacards } from './read-levers';
import { readPlate } from './read-plate';
import { readSpeeds } from './read-speeds';

/** Reads the form of a lathe; every issue names its field, one in a list its row and column: `speeds.2.0`. */
export function readLatheForm(form: LatheForm): Result<Lathe> {
  const reader = new FormReader();
  const name = saidText(form.name);
  if (name === '') reader.wrong('name', 'required', 'Name the lathe as the shop calls it, such as Lathe 3.');
  if (name.length > 80) reader.wrong('name', 'too-long', 'At most 80 characters.');
  const units = unitsOf(form, reader);
  const dial = readDial(
    form,
    { graduation: 'graduation', perTurn: 'perTurn', reads: 'reads', counts: 'counts' },
    units.dialUnit ?? 'in',
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
  const levers = readLevers(form.levers, reader);
  const quickChange = readQuickChange(form.quickChange, reader);

  /** What is read together; the fields by themselves are put in their places below. */
  const together = {
    format: 'oyakata-lathe',
    version: 2,
    name,
    note: null,
    size: {},
    compound: { dial, backlash: null, swivel: { zeroAlong: zeroAlong ?? 'cross-slide' } },
    crossSlide: { dial: units.crossUnit === null ? null : readCrossDial(form, units.crossUnit, reader) },
    spindle: { nose: null, brake: null, runDownTurns: null, speeds: readSpeeds(form.speeds, reader) },
    leadScrew: readScrew(form, reader),
    halfNut: {
      closesLate: null,
      lateBy: form.closesLate === 'yes' ? reader.length('lateBy', form.lateBy, units.dialUnit ?? 'in') : null,
    },
    threadDial: readThreadDial(form, reader),
    gearing: {
      levers,
      quickChange,
      changeGears: readChangeGears(form.changeGears, reader),
      stock: reader.keep(readStock('stock', form.stock)) ?? [],
      mounting: { leastPair: null, mostPair: null, mostOnStud: null, mostOnScrew: null, clearance: null },
      fixedRatio: readRatio(form.fixedRatio, reader),
    },
    placards: readPlacards(form.placards, levers, quickChange, reader),
    trip: {},
    readout: readReadout(form, units.readoutUnit, reader),
  };
  for (const { name: field } of LATHE_FIELD_LIST) {
    const data = latheField(field);
    if (data.takes === 'own' || data.at === '') continue;
    const unit = data.unitOf === undefined ? null : units[data.unitOf as UnitField];
    const value = readLatheField(data, form[field], unit, reader);
    putAt(together, data.at, value);
  }
  // Each field says where it stands; `lathe.test.ts` holds what is read against the schema.
  const lathe = together as unknown as Lathe;
  return reader.issues.length > 0 || dial === null
    ? { ok: false, issues: reader.issues }
    : { ok: true, value: lathe };
}

type UnitField = 'dialUnit' | 'sizeUnit' | 'crossUnit' | 'readoutUnit';

/** Inch or mm of each slide; the compound and the sizes always have one. */
function unitsOf(form: LatheForm, reader: FormReader): Record<UnitField, LengthUnit | null> {
  const unitOf = (field: UnitField) =>
    reader.choice(field, form[field], ['in', 'mm'], 'Say whether it is in inch or mm.');
  return {
    dialUnit: unitOf('dialUnit') ?? 'in',
    sizeUnit: unitOf('sizeUnit') ?? 'mm',
    crossUnit: unitOf('crossUnit'),
    readoutUnit: unitOf('readoutUnit'),
  };
}

/** Puts a value in its place; where the part that it belongs to is not there, it has none. */
function putAt(document: object, at: string, value: unknown): void {
  const names = at.split('.');
  const last = names.pop() ?? '';
  const part = names.reduce<unknown>(
    (place, name) => (place as Record<string, unknown> | null)?.[name] ?? null,
    document,
  );
  if (part !== null) (part as Record<string, unknown>)[last] = value;
}

const readCrossDial = (form: LatheForm, unit: LengthUnit, reader: FormReader) =>
  readDial(
    form,
    {
      graduation: 'crossGraduation',
      perTurn: 'crossPerTurn',
      reads: 'crossReads',
      counts: 'crossCounts',
    },
    unit,
    reader,
  );

function readReadout(form: LatheForm, unit: LengthUnit | null, reader: FormReader): Lathe['readout'] {
  const resolution = unit === null ? null : reader.length('readoutResolution', form.readoutResolution, unit);
  if (resolution === null) return null;
  return {
    axes: readAxes(form.readoutAxes, reader),
    resolution,
    reads:
      reader.choice(
        'readoutReads',
        form.readoutReads,
        ['radius', 'diameter'],
        'Say whether it reads radius or diameter.',
      ) ?? 'diameter',
  };
}

function readScrew(
  form: LatheForm,
  reader: FormReader,
): Pick<NonNullable<Lathe['leadScrew']>, 'advance'> | null {
  if (form.leadScrew.trim() === '') return null;
  // A bare number is threads per inch: lead screws in mm are always said with their unit (common practice).
  const read = reader.keep(parseAdvance('leadScrew', form.leadScrew));
  if (read === null) return null;
  const said = saidText(form.leadScrew);
  return { advance: /mm|tpi/i.test(said) ? said : `${said} TPI` };
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
  return { state: state ?? 'in-use', swingsOut: null, gears, plate };
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
