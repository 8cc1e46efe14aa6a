import { nearIn } from '@/core/exercise/record/entry/work-so-far';
import { toMend } from '@/core/exercise/record/entry/block';
import { EVENTS } from '@/core/exercise/record/entry/events';
import type { FieldIssue } from '@/core/base/errors/field-issue';
import { proofEvidence, standsToSign } from './story-finds';
import { stepFields, wantedStep } from './step-fields';
import { figureOnDial } from './story-figure';
import { typedText as text } from './typed-text';
import { isTrial, stopData } from '@/core/machine/stops/stops';
import { NUT_ANSWERS } from '@/core/measuring/nut/nut-answer';
import { isKind } from '@/core/exercise/record/entry/entry';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { StoryRecord } from './story-record';

/** Why an item can not be done now; it changes nothing. */
export interface Refused {
  code: 'blocked' | 'no-such-stop' | 'no-such-evidence' | 'ended' | 'out-of-range' | 'not-asked';
  message: string;
}

export type Item = Readonly<Record<string, unknown>> & { do: string };
type Done = Refused | null;

const refused = (code: Refused['code'], message: string): Refused => ({ code, message });
const asRefused = (issue: FieldIssue | null): Done =>
  issue === null ? null : refused(issue.code === 'conflict' ? 'blocked' : 'out-of-range', issue.message);

/** Does one item of a story. */
export function doItem(record: StoryRecord, item: Item): Done {
  if (record.prediction.ended !== null && item.do !== 'note') return refused('ended', 'It is handed in.');
  return DOES[item.do as ItemName](record, item);
}

const DOES = {
  'set-up': (record) => setUp(record),
  step: (record, item) => {
    const step = record.sheet.steps.find(({ id }) => id === item.id);
    if (step === undefined) return refused('not-asked', `There is no step ${text(item.id)}.`);
    return asRefused(record.add(stepFields(step, item)));
  },
  sign: (record, { id }) => {
    if (!standsToSign(record, text(id))) return refused('not-asked', `Nobody has to look at ${text(id)}.`);
    return asRefused(record.add({ kind: 'sign-off', stepId: text(id) }, 'instructor'));
  },
  zero: (record, { by, value }) => {
    if (record.prediction.cuts.length > 0)
      return asRefused(record.add({ kind: 'event', event: NEW_ZERO?.id ?? '', uncertainty: text(value) }));
    const step = record.sheet.steps.find(({ id }) => id === 'touch-off');
    if (step === undefined) return refused('not-asked', 'This plan has no touch-off.');
    return asRefused(record.add({ kind: 'step', stepId: step.id, choice: text(by), value: text(value) }));
  },
  cut,
  stop: (record, { stop: named, answer }) => {
    const { stops, due } = record.prediction;
    const found =
      due !== null && (due.stop.id === named || due.stop.check === named)
        ? due
        : (stops.find(({ stop }) => stop.id === named) ?? stops.find(({ stop }) => stop.check === named));
    if (found === undefined) return refused('no-such-stop', `There is no stop ${text(named)}.`);
    const { stop, state } = found;
    if (state === 'ahead') return refused('not-asked', `${stop.title} is not reached yet.`);
    if (isTrial(stop.check) && (NUT_ANSWERS as readonly unknown[]).includes(answer))
      return tryPiece(record, { do: 'try', stop: stop.id, answer });
    const known = [...(stopData(stop.check)?.answers.map(({ id }) => id) ?? []), 'passed-over'];
    if (!known.includes(text(answer)))
      return refused('out-of-range', `${stop.title} is answered ${known.join(', ')}.`);
    return asRefused(record.add({ kind: 'stop', stopId: stop.id, answer: text(answer) }));
  },
  measure: (record, { evidence, places, crest, wire, zero, final }) => {
    const found = proofEvidence(record.sheet, 'measurement', evidence);
    if (found === null) return refused('no-such-evidence', 'This plan is not proved by a measurement.');
    const at = (typeof places === 'object' && places !== null ? places : {}) as Record<string, unknown>;
    return asRefused(
      record.add({
        kind: 'measurement',
        purpose: final === true ? 'final' : 'mid',
        evidenceId: found.id,
        start: text(at.start),
        middle: text(at.middle),
        end: text(at.end),
        crest: text(crest),
        wire: text(wire),
        zero: text(zero),
      }),
    );
  },
  try: tryPiece,
  find: (record, { evidence, answer, value, final }) => {
    const found = record.sheet.proof.find(({ id }) => id === evidence);
    if (found === undefined) return refused('no-such-evidence', `There is no evidence ${text(evidence)}.`);
    return asRefused(
      record.add({
        kind: 'finding',
        evidenceId: found.id,
        purpose: final === true ? 'final' : 'mid',
        answer: text(answer),
        value: text(value),
      }),
    );
  },
  refigure: (record, { what, value }) =>
    asRefused(record.add({ kind: 'refigure', what: text(what), value: text(value) })),
  event: (record, { id, reading, value, uncertainty, along, touched, step }) => {
    const data = EVENTS.find((event) => event.id === id);
    if (data === undefined) return refused('not-asked', `There is no event ${text(id)}.`);
    return asRefused(
      record.add({
        kind: 'event',
        event: data.id,
        value: text(value ?? reading),
        uncertainty: text(uncertainty),
        ...(typeof along === 'number' && {
          along: text(Math.abs(along)),
          alongTo: along < 0 ? 'tailstock' : 'headstock',
        }),
        touched: touched === undefined ? '' : touched === true ? 'yes' : 'no',
        stepId: text(step),
      }),
    );
  },
  strike: (record, { item }) => {
    const made = record.madeBy[Number(item)] ?? [];
    const live = made.filter((id) =>
      record.entries.some((entry) => entry.id === id && !isKind('strike')(entry)),
    );
    if (live.length === 0) return refused('not-asked', `Item ${text(item)} has recorded nothing.`);
    for (const entryId of live) record.record({ kind: 'strike', entryId, reason: 'taken back' });
    return null;
  },
  late: (record, { items }) => late(record, items as readonly Item[]),
  after: (record) => {
    const open = record.prediction.steps.filter(
      ({ step, verdict }) => step.when === 'after-cutting' && verdict === 'open',
    );
    for (const { step } of open) record.add(wantedStep(step));
    return open.length === 0 ? refused('not-asked', 'Nothing is left to do afterwards.') : null;
  },
  note: (record) => asRefused(record.add({ kind: 'note', text: 'A note.' })),
  end: (record, { as, cause }) =>
    asRefused(record.add({ kind: 'hand-in', how: text(as), cause: text(cause), change: '' })),
} as const satisfies Record<string, (record: StoryRecord, item: Item) => Done>;

/** What is recorded where both zeros were taken anew in the groove. */
const NEW_ZERO = EVENTS.find(({ effect }) => effect === 'new-zero');

type ItemName = keyof typeof DOES;
export const ITEM_NAMES = Object.keys(DOES) as ItemName[];

/** All open steps as they are wanted, hold points signed; what was found otherwise is figured anew. */
function setUp(record: StoryRecord): Done {
  const { cuts } = record.prediction;
  const when = cuts.length === 0 ? 'before-cutting' : 'after-scratch';
  const open = record.prediction.steps.filter(
    ({ step, verdict, signed }) =>
      step.when === when && (verdict === 'open' || verdict === 'wrong' || (step.hold && !signed)),
  );
  for (const { step, verdict } of open) {
    if (step.kind !== 'sign-off' && verdict !== 'right' && verdict !== 'done') record.add(wantedStep(step));
    if (step.hold || step.kind === 'sign-off')
      record.add({ kind: 'sign-off', stepId: step.id }, 'instructor');
  }
  const blank = record.prediction.steps.find(({ step: { id } }) => id === 'blank')?.entry;
  const found = blank != null && isKind('step')(blank) ? blank.content.value : null;
  const { figuredFor } = record.prediction;
  if (found !== null && cuts.length === 0 && Math.abs(found - figuredFor) > 1e-9)
    record.add({ kind: 'refigure', what: 'work-diameter', value: String(found) });
  return open.length === 0 ? refused('not-asked', 'Nothing is left to set up.') : null;
}

function cut(record: StoryRecord, item: Item): Done {
  const { advice, prediction, sheet } = record;
  const allTheSame = item.allTheSame === true;
  const own = 'reading' in item || 'counted' in item;
  if (toMend(prediction.blocks).length > 0 && !allTheSame)
    return refused('blocked', 'Something stands in the way of the cut: mend it, or cut all the same.');
  if (!own && advice.cut === null && !allTheSame)
    return refused('not-asked', `No cut is advised now: ${advice.phase}.`);
  const row = advice.cut === null ? prediction.next : advice.cut.row;
  const start = Number(item.start ?? advice.cut?.start ?? row?.start ?? prediction.start);
  const to = own
    ? figureOnDial(sheet, item, nearIn(start, prediction))
    : (advice.cut?.reading ?? prediction.next?.dialReading.value ?? null);
  if (typeof to === 'string') return refused('out-of-range', to);
  const asRow = !own && row !== null && to !== null && Math.abs(row.dialReading.value - to) < 1e-9;
  const fields: EntryFields = {
    kind: 'pass',
    plannedPass: row === null ? '' : String(row.n),
    start: String(start),
    drive: text(item.drive),
    mark: text(item.mark),
    crossSlide: text(item.crossSlide),
    compound: text(item.compound),
    compoundAngle: text(item.compoundAngle),
    allTheSame: allTheSame ? 'yes' : '',
    ...(to === null ? { notTaken: 'yes' } : asRow ? {} : { counted: String(to) }),
  };
  return asRefused(record.add(fields));
}

function tryPiece(record: StoryRecord, item: Item): Done {
  const { sheet } = record;
  const { evidence, stop, answer, end, toShoulder, crest, final } = item;
  const found = proofEvidence(sheet, 'trial', evidence);
  const { due } = record.prediction;
  // A piece that is no evidence of the proof is tried at its stop.
  const atStop = found === null && stop === undefined && due?.stop.check === evidence ? due?.stop : undefined;
  const stopOf = stop === undefined ? atStop : sheet.stops.find(({ id }) => id === stop);
  if (stop !== undefined && stopOf === undefined)
    return refused('no-such-stop', `There is no stop ${text(stop)}.`);
  if (found === null && stopOf === undefined && evidence !== undefined)
    return refused('no-such-evidence', `There is no evidence ${text(evidence)}.`);
  if (found === null && stopOf === undefined)
    return refused('no-such-evidence', 'This plan is not proved by trying a piece.');
  const fields: Record<string, string> = {
    kind: 'trial',
    purpose: final === true ? 'final' : 'mid',
    evidenceId: found?.id ?? text(evidence),
    answer: text(answer),
    end: text(end ?? 'one'),
    toShoulder: toShoulder === undefined ? '' : toShoulder === true ? 'yes' : 'no',
    crest: text(crest),
  };
  if (stopOf !== undefined) fields.stopId = stopOf.id;
  return asRefused(record.add(fields));
}

/** What a bench that no longer led still held, and sent afterwards. */
function late(record: StoryRecord, items: readonly Item[]): Done {
  if (record.device === null) {
    record.device = 'bench-1';
    record.add({ kind: 'lead' });
  }
  const held = record.device;
  record.device = 'bench-2';
  record.add({ kind: 'lead' });
  const leads = record.device;
  record.device = held;
  let problem: Done = null;
  for (const item of items) problem ??= doItem(record, item);
  record.device = leads;
  return problem;
}
