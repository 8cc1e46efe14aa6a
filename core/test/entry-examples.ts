import type { KnownKind } from '@/core/exercise/record/entry/kinds';
import type { Sheet } from '@/core/exercise/sheet/sheet';

type Content = Readonly<Record<string, unknown>>;

/** For tests: a good content of every kind of entry in every format that was ever written, for a sheet. */
export function entryExamples(sheet: Sheet): Record<KnownKind, Record<number, Content>> {
  const [pass] = sheet.passes;
  const step = sheet.steps.find(({ kind }) => kind !== 'sign-off');
  const over = sheet.wires.overWires.target;
  const measured = {
    kind: 'measurement',
    purpose: 'mid',
    wire: { value: sheet.wires.diameter, unit: sheet.thread.unit },
    overWires: { start: over, middle: null, end: null },
    crest: null,
  };
  const done = { kind: 'step', stepId: step?.id, value: step?.expected?.value ?? null };
  const cut = { kind: 'pass', plannedPass: 1, reading: pass?.dialReading.value, asPlanned: true };
  const cut2 = { ...cut, start: 1, zero: 'touch-off', rows: null, told: null };
  // Rows as format 2 knew them, and what format 3 added, which is not known of them.
  const rows = sheet.passes
    .slice(0, 2)
    .map((row) => ({ ...row, pitchDiameterBand: null, crestFlat: null, until: null, drive: null }));
  const rows2 = sheet.passes
    .slice(0, 2)
    .map((row) =>
      Object.fromEntries(
        Object.entries(row).filter(
          ([name]) => !['pitchDiameterBand', 'crestFlat', 'until', 'drive'].includes(name),
        ),
      ),
    );
  const chatter = {
    kind: 'event',
    event: 'chatter',
    stepId: null,
    touched: null,
    value: null,
    uncertainty: null,
    said: 'At the end.',
  };
  const same = (formats: readonly number[], content: Content): Record<number, Content> =>
    Object.fromEntries(formats.map((format) => [format, content]));
  return {
    step: {
      1: done,
      2: done,
      3: { ...done, how: 'done', choice: null, count: null, said: '', fromTry: null },
    },
    'sign-off': same([1, 2], { kind: 'sign-off', stepId: 'instructor-look' }),
    pass: {
      1: cut,
      2: cut2,
      3: { ...cut2, drive: null, mark: null, crossSlide: null, allTheSame: false },
      4: { ...cut2, drive: null, mark: null, crossSlide: null, compound: null, allTheSame: false },
    },
    measurement: {
      1: measured,
      2: measured,
      3: { ...measured, method: 'wires', evidenceId: null },
      4: { ...measured, method: 'wires', evidenceId: null, instrument: null, zero: null, questioned: [] },
    },
    note: same([1, 2], { kind: 'note', text: 'The tool looks dull.' }),
    strike: same([1, 2], { kind: 'strike', entryId: 'e1', reason: 'Read the wrong dial.' }),
    'hand-in': {
      1: { kind: 'hand-in' },
      2: { kind: 'hand-in' },
      3: { kind: 'hand-in', how: 'accepted', cause: '', change: '' },
    },
    lathe: { 2: { kind: 'lathe', sheetId: 1, name: 'Lathe 1' } },
    look: {
      2: { kind: 'look', subject: 'look:finish', verdict: 'good' },
      3: { kind: 'look', subject: 'look:finish', level: 0, of: 3, sentence: 'good', asked: '' },
    },
    refigure: {
      2: { kind: 'refigure', what: 'work-diameter', value: sheet.workDiameter, passes: rows2 },
      3: { kind: 'refigure', what: 'work-diameter', value: sheet.workDiameter, passes: rows },
    },
    trial: {
      3: {
        kind: 'trial',
        purpose: 'mid',
        evidenceId: 'nut',
        stopId: null,
        answer: 'starts',
        end: 'one',
        toShoulder: null,
        crest: null,
        reading: null,
      },
    },
    finding: {
      3: { kind: 'finding', purpose: 'mid', evidenceId: 'gauge', answer: 'right', value: null },
    },
    stop: { 3: { kind: 'stop', stopId: 'stop-1', answer: 'done', reading: null } },
    event: {
      3: chatter,
      4: { ...chatter, along: null },
    },
    'sent-back': {
      2: { kind: 'sent-back', stepId: 'instructor-look', reason: 'The tool leans.' },
      3: { kind: 'sent-back', stepId: 'instructor-look', reason: 'The tool leans.', stands: null },
    },
    hand: { 2: { kind: 'hand', raised: true } },
    lead: { 2: { kind: 'lead' } },
    'looked-over': { 2: { kind: 'looked-over', entryId: 'e1' } },
    worksheet: { 2: { kind: 'worksheet', question: 'radialDepth', answer: '0.05', told: false } },
  };
}
