import { maybeFigure, maybeWords, maybeYesNo, named, part, words } from '@/core/base/documents/parts';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { formatLength } from '@/core/base/units/format-length';
import { parseFigures, parseLength } from '@/core/base/units/parse-length';
import { saidText } from '@/core/base/documents/visible-text';
import type { Sheet } from '../../../sheet/sheet';
import type { EntryFields, EntryKind } from '../entry-kind';
import { EVENTS, eventData, type EventId } from '../events';
import { kindOf } from '../kind-of';

export interface EventContent {
  kind: 'event';
  event: EventId;
  /** The step that was found wrong. */
  stepId: string | null;
  /** The answer to what the event asks. */
  touched: boolean | null;
  /** Reading, speed or crest diameter. */
  value: number | null;
  /** Of zeros taken anew in the groove: how far the depth may be off, in the thread's unit; null: not known at all. */
  uncertainty: number | null;
  /**
   * Of zeros taken anew: how far the tool was moved along the axis since it was nested, in the thread's unit, toward the
   * headstock positive; null: it stands in its groove.
   */
  along: number | null;
  said: string;
}

/** Something happened that the cycle does not foresee; its consequences follow from `EVENTS`. */
export const eventKind: EntryKind<'event', EventContent> = {
  kind: 'event',
  format: 4,
  schema: part({
    kind: kindOf('event'),
    event: named(EVENTS.map(({ id }) => id)),
    stepId: maybeWords(40),
    touched: maybeYesNo(),
    value: maybeFigure(),
    uncertainty: maybeFigure(0, 10),
    along: maybeFigure(-100, 100),
    said: words(500),
  }),
  lifts: { 3: (older) => ({ ...older, along: null }) },
  writtenBy: ['student', 'instructor', 'helper'],
  ofWork: true,
  goesOn: true,
  answersHold: false,
  beginsWork: true,
  needsNetwork: false,
  undoable: true,
  freeText: ['said'],
  read: (fields, { sheet }) => {
    const data = eventData(fields.event ?? '');
    const known = EVENTS.find(({ id }) => id === fields.event);
    if (data === null || known === undefined) return bad('event', 'unreadable', 'Choose what happened.');
    const { unit } = sheet.thread;
    if (data.asks !== undefined && fields.touched !== 'yes' && fields.touched !== 'no')
      return bad('touched', 'required', data.asks);
    if (data.ofStep === true && !sheet.steps.some(({ id }) => id === fields.stepId))
      return bad('stepId', 'required', 'Say which step was wrong.');
    const typed = (fields.value ?? '').trim();
    let value: number | null = null;
    if (data.value !== undefined && typed === '' && data.value !== 'crest')
      return bad(
        'value',
        'required',
        data.value === 'speed' ? 'Type the speed in rpm.' : 'Type the reading.',
      );
    if (data.value !== undefined && typed !== '') {
      const lengthUnit = data.value === 'reading' ? sheet.lathe.dial.graduation.unit : unit;
      const read =
        data.value === 'speed' ? parseFigures('value', typed) : parseLength('value', typed, lengthUnit);
      if (!read.ok) return read;
      value = typeof read.value === 'number' ? read.value : read.value.length.value;
    }
    const off = (fields.uncertainty ?? '').trim();
    const uncertainty = off === '' ? null : parseLength('uncertainty', off, unit);
    if (uncertainty !== null && !uncertainty.ok) return uncertainty;
    const along = data.effect === 'new-zero' ? alongOf(fields, sheet) : good(null);
    if (!along.ok) return along;
    const said = saidText(fields.said ?? '');
    if (said.length > 500) return bad('said', 'too-long', 'At most 500 characters.');
    return good({
      kind: 'event',
      event: known.id,
      stepId: data.ofStep === true ? (fields.stepId ?? null) : null,
      touched: data.asks === undefined ? null : fields.touched === 'yes',
      value,
      uncertainty: uncertainty === null ? null : uncertainty.value.length.value,
      along: along.value,
      said,
    });
  },
  refuses: ({ event, stepId, touched, value, along }) => {
    const data = eventData(event);
    if (along !== null && data?.effect !== 'new-zero')
      return { field: 'along', code: 'conflict', message: 'Only beside new zeros a tool is moved along.' };
    if (data?.asks !== undefined && touched === null)
      return { field: 'touched', code: 'required', message: data.asks };
    if (data?.ofStep === true && stepId === null)
      return { field: 'stepId', code: 'required', message: 'Say which step was wrong.' };
    return (data?.value === 'reading' || data?.value === 'speed') && value === null
      ? { field: 'value', code: 'required', message: `Type the ${data.value}.` }
      : null;
  },
  words: ({ event, stepId, touched, value, along, said }, sheet) => {
    const data = eventData(event);
    const step = sheet.steps.find(({ id }) => id === stepId);
    const { unit } = sheet.thread;
    const figure =
      value === null
        ? []
        : data?.value === 'speed'
          ? [`${value} rpm`]
          : data?.value === 'reading'
            ? [`at ${value} ${sheet.lathe.dial.graduation.unit}`]
            : [`${sheet.words.crest} ${formatLength({ value, unit })} ${unit}`];
    return {
      title: data?.name ?? event,
      detail: [
        ...(step === undefined ? [] : [step.title]),
        ...figure,
        ...(touched === null ? [] : [touched ? 'the tool touched' : 'nothing touched']),
        ...(along === null ? [] : [alongWords(sheet, along)]),
        ...(said === '' ? [] : [said]),
      ].join(', '),
    };
  },
};

/** How far, and to which side, the tool was moved along the axis after it was nested; more than a lead has no meaning. */
function alongOf(fields: EntryFields, { thread: { unit, lead } }: Sheet): Result<number | null> {
  const typed = (fields.along ?? '').trim();
  if (typed === '') return good(null);
  const read = parseLength('along', typed, unit);
  if (!read.ok) return read;
  const { value } = read.value.length;
  const most = formatLength({ value: lead, unit });
  if (value < 0 || value > lead)
    return bad('along', 'out-of-range', `Type how far it was moved, at most the lead, ${most} ${unit}.`);
  if (fields.alongTo !== 'headstock' && fields.alongTo !== 'tailstock')
    return bad('alongTo', 'required', 'Say to which side it was moved.');
  return good(value === 0 ? null : fields.alongTo === 'headstock' ? value : -value);
}

function alongWords({ thread: { unit } }: Sheet, along: number): string {
  const by = formatLength({ value: Math.abs(along), unit });
  return `moved along by ${by} ${unit} toward the ${along > 0 ? 'headstock' : 'tailstock'}`;
}
