import type { Lathe, ThreadDial } from '../lathe';
import { typedText, type LatheFieldData } from './lathe-field';
import { LATHE_FIELD_LIST, latheField, type LatheField } from './lathe-fields';
import type { LatheForm } from './lathe-form';

const text = (value: number | string | null | undefined) =>
  value === null || value === undefined ? '' : String(value);

/** The form of a lathe that is known already. */
export function latheFormOf(lathe: Lathe): LatheForm {
  const fields = LATHE_FIELD_LIST.map((field: LatheFieldData) => [
    field.name,
    typedText(valueAt(lathe, field.at)) ?? field.initial ?? '',
  ]);
  const sizes = Object.values(lathe.size).find((length) => length !== null);
  return {
    ...(Object.fromEntries(fields) as Record<LatheField, string>),
    sizeUnit: sizes?.unit ?? lathe.trip.scatter?.unit ?? latheField('sizeUnit').initial ?? '',
    ...tablesOf(lathe),
  };
}

/** What stands in a document at a place such as `trip.scatter`; undefined where a part on the way is not there. */
function valueAt(document: object, at: string): unknown {
  return at === ''
    ? undefined
    : at
        .split('.')
        .reduce<unknown>(
          (part, name) => (part as Record<string, unknown> | null | undefined)?.[name],
          document,
        );
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
