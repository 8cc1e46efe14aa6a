import type { FieldIssue, Result } from '../errors/field-issue';
import {
  parseAngleDeg,
  parseFigures,
  parseLength,
  parseWhole,
  saidText,
  type Length,
  type LengthUnit,
} from '../units';
import { usualLathe } from './usual-lathe';
import type { Dial, Lathe } from './lathe';

/** The form of a lathe exactly as typed; empty means the usual or, where nothing is usual, not known. */
export interface LatheForm {
  name: string;
  dialUnit: string;
  graduation: string;
  perTurn: string;
  reads: string;
  counts: string;
  zeroAlong: string;
  swivelGraduation: string;
  swivelRange: string;
  /** Empty: the cross slide's dial is not known. */
  crossUnit: string;
  crossGraduation: string;
  crossPerTurn: string;
  crossReads: string;
  crossCounts: string;
  nose: string;
  runDownTurns: string;
  leadScrew: string;
  dialTeeth: string;
  dialMarks: string;
  trip: string;
  readoutUnit: string;
  readoutResolution: string;
  readoutReads: string;
}

export type LatheField = keyof LatheForm;

export const EMPTY_LATHE_FORM: LatheForm = {
  name: '',
  dialUnit: 'in',
  graduation: '',
  perTurn: '',
  reads: 'travel',
  counts: 'up',
  zeroAlong: 'cross-slide',
  swivelGraduation: '',
  swivelRange: '',
  crossUnit: '',
  crossGraduation: '',
  crossPerTurn: '',
  crossReads: 'diameter',
  crossCounts: 'up',
  nose: '',
  runDownTurns: '',
  leadScrew: '',
  dialTeeth: '',
  dialMarks: '',
  trip: '',
  readoutUnit: '',
  readoutResolution: '',
  readoutReads: 'diameter',
};

export const LATHE_FIELDS = Object.keys(EMPTY_LATHE_FORM) as LatheField[];

/** The form of a lathe that is known already. */
export function latheFormOf(lathe: Lathe): LatheForm {
  const { compound, crossSlide, spindle, leadScrew, threadDial, trip, readout } = lathe;
  const text = (value: number | null | undefined) =>
    value === null || value === undefined ? '' : String(value);
  const cross = crossSlide.dial;
  return {
    name: lathe.name,
    dialUnit: compound.dial.graduation.unit,
    graduation: text(compound.dial.graduation.value),
    perTurn: text(compound.dial.perTurn.value),
    reads: compound.dial.reads,
    counts: compound.dial.counts,
    zeroAlong: compound.swivel.zeroAlong,
    swivelGraduation: text(compound.swivel.graduationDeg),
    swivelRange: text(compound.swivel.rangeDeg),
    crossUnit: cross?.graduation.unit ?? '',
    crossGraduation: text(cross?.graduation.value),
    crossPerTurn: text(cross?.perTurn.value),
    crossReads: cross?.reads ?? 'diameter',
    crossCounts: cross?.counts ?? 'up',
    nose: spindle.nose ?? '',
    runDownTurns: text(spindle.runDownTurns),
    leadScrew: leadScrewText(leadScrew),
    dialTeeth: text(threadDial?.gearTeeth),
    dialMarks: text(threadDial?.marks),
    trip: trip === null ? '' : trip ? 'yes' : 'no',
    readoutUnit: readout?.resolution.unit ?? '',
    readoutResolution: text(readout?.resolution.value),
    readoutReads: readout?.reads ?? 'diameter',
  };
}

function leadScrewText(leadScrew: Lathe['leadScrew']): string {
  if (leadScrew === null) return '';
  if (leadScrew.threadsPerInch !== null) return `${leadScrew.threadsPerInch} TPI`;
  return leadScrew.pitch === null ? '' : `${leadScrew.pitch.value} ${leadScrew.pitch.unit}`;
}

/** Reads the form of a lathe; every issue names its field. */
export function readLatheForm(form: LatheForm): Result<Lathe> {
  const issues: FieldIssue[] = [];
  const keep = <T>(result: Result<T>): T | undefined => {
    if (result.ok) return result.value;
    issues.push(...result.issues);
    return undefined;
  };
  const wrong = (field: LatheField, message: string) =>
    void issues.push({ field, code: 'unreadable', message });
  const length = (field: LatheField, unit: LengthUnit): Length | undefined => {
    const read = keep(parseLength(field, form[field], unit));
    if (read === undefined) return undefined;
    if (read.length.value > 0) return read.length;
    issues.push({ field, code: 'out-of-range', message: 'Type a length greater than 0.' });
    return undefined;
  };
  const number = (field: LatheField, most: number): number | null => {
    if (form[field].trim() === '') return null;
    const read = keep(parseFigures(field, form[field]));
    if (read === undefined) return null;
    if (read >= 0 && read <= most) return read;
    issues.push({ field, code: 'out-of-range', message: `Type a number from 0 to ${most}.` });
    return null;
  };
  const choice = <const V extends string>(
    field: LatheField,
    values: readonly V[],
    otherwise: string,
  ): V | null => {
    const found = values.find((value) => value === form[field]);
    if (found === undefined) wrong(field, otherwise);
    return found ?? null;
  };
  const count = (field: LatheField, most: number, what: string): number | null =>
    form[field].trim() === '' ? null : (keep(parseWhole(field, form[field], 1, most, what)) ?? null);

  function dial(
    names: Record<'graduation' | 'perTurn' | 'reads' | 'counts', LatheField>,
    unit: LengthUnit,
  ): Dial | null {
    const usual = usualLathe(unit).compound.dial;
    const of = (field: LatheField, proposed: Length) =>
      form[field].trim() === '' ? proposed : length(field, unit);
    const graduation = of(names.graduation, usual.graduation);
    const perTurn = of(names.perTurn, usual.perTurn);
    const reads = choice(
      names.reads,
      ['travel', 'diameter'],
      'Say whether the dial reads the travel or the diameter.',
    );
    const counts = choice(
      names.counts,
      ['up', 'down'],
      'Say whether the figures run up or down toward the work.',
    );
    if (graduation === undefined || perTurn === undefined || reads === null || counts === null) return null;
    const turns = perTurn.value / graduation.value;
    if (Math.round(turns) < 2 || Math.abs(turns - Math.round(turns)) > 0.002) {
      const message = `One turn must be a whole number of graduations of ${graduation.value} ${unit}.`;
      issues.push({ field: names.perTurn, code: 'conflict', message });
      return null;
    }
    return { graduation, perTurn, reads, counts };
  }

  const name = saidText(form.name);
  if (name === '')
    issues.push({
      field: 'name',
      code: 'required',
      message: 'Name the lathe as the shop calls it, such as Lathe 3.',
    });
  if (name.length > 80) issues.push({ field: 'name', code: 'too-long', message: 'At most 80 characters.' });
  const unit = choice('dialUnit', ['in', 'mm'], 'Say whether the compound’s dial is in inch or mm.') ?? 'in';
  const compoundDial = dial(
    { graduation: 'graduation', perTurn: 'perTurn', reads: 'reads', counts: 'counts' },
    unit,
  );
  const zeroAlong = choice(
    'zeroAlong',
    ['cross-slide', 'bed'],
    'Choose where the swivel scale reads 0: along the cross slide, or along the bed.',
  );
  const angle = (field: 'swivelGraduation' | 'swivelRange', most: number) =>
    form[field].trim() === '' ? null : (keep(parseAngleDeg(field, form[field], 0, most)) ?? null);
  const swivelGraduation = angle('swivelGraduation', 45);
  const swivelRange = angle('swivelRange', 360);
  const crossUnit =
    form.crossUnit === '' ? null : choice('crossUnit', ['in', 'mm'], 'Say whether it is in inch or mm.');
  const crossDial =
    crossUnit === null
      ? null
      : dial(
          {
            graduation: 'crossGraduation',
            perTurn: 'crossPerTurn',
            reads: 'crossReads',
            counts: 'crossCounts',
          },
          crossUnit,
        );
  const nose =
    form.nose === ''
      ? null
      : choice(
          'nose',
          ['screwed', 'screwed-locked', 'long-taper', 'camlock'],
          'Choose how the chuck is held.',
        );
  const readoutUnit =
    form.readoutUnit === '' ? null : choice('readoutUnit', ['in', 'mm'], 'Say whether it is in inch or mm.');
  const resolution = readoutUnit === null ? undefined : length('readoutResolution', readoutUnit);
  const readoutReads = choice(
    'readoutReads',
    ['radius', 'diameter'],
    'Say whether it reads radius or diameter.',
  );
  const teeth = count('dialTeeth', 500, 'the teeth of the gear');
  const marks = count('dialMarks', 100, 'the marks');
  const trip = { yes: true, no: false }[form.trip] ?? null;
  const runDownTurns = number('runDownTurns', 1000);
  const leadScrew = readLeadScrew(form.leadScrew, keep);
  if (issues.length > 0 || compoundDial === null || zeroAlong === null) return { ok: false, issues };
  return {
    ok: true,
    value: {
      format: 'oyakata-lathe',
      version: 1,
      name,
      compound: {
        dial: compoundDial,
        swivel: { zeroAlong, graduationDeg: swivelGraduation, rangeDeg: swivelRange },
      },
      crossSlide: { dial: crossDial },
      spindle: { nose, runDownTurns },
      leadScrew,
      threadDial: teeth === null && marks === null ? null : { gearTeeth: teeth, marks },
      trip,
      readout: resolution === undefined || readoutReads === null ? null : { resolution, reads: readoutReads },
    },
  };
}

/** `8 TPI`, `8`, `4 mm`. A bare number is threads per inch: lead screws in mm are always said with their unit (common practice). */
function readLeadScrew(text: string, keep: <T>(result: Result<T>) => T | undefined): Lathe['leadScrew'] {
  const typed = text.trim();
  if (typed === '') return null;
  if (/mm$/i.test(typed)) {
    const read = keep(parseLength('leadScrew', typed, 'mm'));
    return read === undefined ? null : { threadsPerInch: null, pitch: read.length };
  }
  const tpi = keep(parseFigures('leadScrew', typed.replace(/ ?tpi$/i, '')));
  return tpi === undefined ? null : { threadsPerInch: tpi, pitch: null };
}
