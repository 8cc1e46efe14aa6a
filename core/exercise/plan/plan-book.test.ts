import { BOOK } from '@/demo/book';
import { readGauge, wireSet } from '@/core/measuring/gauging/gauge';
import { readToolDocument } from '@/core/thread/tool/tool-document';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { USUAL_WORDS } from '@/core/machine/shop/words';
import { formWith } from '@/core/test/record';
import { sheetFor } from '../sheet/sheet-for';
import { withLeaf } from './draft';
import { formOfPlan } from './form-of-plan';
import { gaugeSays, gaugesFor, leavesOfGauge, leavesOfTool, toolSays, type PlanBook } from './plan-book';
import { readPlan } from './read/read-plan';

const tools = BOOK.tool.map((document, index) => ({ id: index + 1, document: readToolDocument(document) }));
const gauges = BOOK.gauge.map((document, index) => ({ id: index + 20, document: readGauge(document) }));
const book: PlanBook = { tools, gauges };

test('an insert of the book gives radius and pitches, and reads as what it is', () => {
  const insert = tools.find(({ document }) => document.name === 'Insert, medium')!;
  const leaves = leavesOfTool(insert.document);
  expect(leaves).toMatchObject({
    'tool.tip.kind': 'insert',
    'tool.tip.pitchFrom': insert.document.pitchFrom,
  });
  const form = Object.entries(leaves).reduce(
    (typed, [field, text]) => withLeaf(typed, field, text),
    withLeaf(formWith({ 'thread.designation': 'M16x2-6g' }), 'tool.record', String(insert.id)),
  );
  const { plan } = readPlan(form);
  expect(plan?.tool).toMatchObject({
    record: insert.id,
    tip: { kind: 'insert', radius: insert.document.radius },
  });
  expect(formOfPlan(plan!).tool.record).toBe(String(insert.id));
  const sheet = sheetFor({ plan: plan!, lathe: usualLathe('mm'), book, words: USUAL_WORDS });
  const { instruction } = sheet.steps.find(({ id }) => id === 'tip')!;
  expect(instruction).toContain(`From the shop’s book: ${toolSays(insert)}.`);
  expect(instruction).toContain(`No. ${insert.id}, ${insert.document.name}`);
});

test('what nobody has measured is not measured', () => {
  const [{ document }] = tools as [(typeof tools)[number]];
  const leaves = leavesOfTool({ ...document, kind: 'ground', flat: null, radius: null });
  expect(leaves).toMatchObject({
    'tool.tip.kind': 'not-measured',
    'tool.tip.flat': '',
    'tool.tip.radius': '',
  });
});

test('of a set of wires the size nearest to the best one is taken, in its own unit', () => {
  const wires = wireSet('Set', [
    { value: 0.032, unit: 'in' },
    { value: 0.9, unit: 'mm' },
    { value: 0.04, unit: 'in' },
  ]);
  // Best for 16 TPI: 0.03608 in; 0.9 mm is 0.03543 in.
  expect(leavesOfGauge(wires, 'wires', { bestWire: 0.03608, unit: 'in' })).toEqual({ wire: '0.9 mm' });
});

test('a nut says its own size with its uncertainty, else its class, else that nothing is known', () => {
  const nut = { ...wireSet('Nut', []), kind: 'nut' as const };
  const at = { bestWire: null, unit: 'in' as const };
  const size = { value: 0.712, unit: 'in' as const };
  const known = { ...nut, size, uncertainty: { value: 0.0002, unit: 'in' as const } };
  expect(leavesOfGauge(known, 'nut', at)).toEqual({ nut: '0.712 in', nutUncertainty: '0.0002 in' });
  expect(leavesOfGauge({ ...nut, class: '2B' }, 'nut', at)).toEqual({ nut: '2B', nutUncertainty: '' });
  expect(leavesOfGauge(nut, 'nut', at)).toEqual({ nut: '?', nutUncertainty: '' });
});

test.each([
  ['wires', 'external', 'wires'],
  ['gauge', 'external', 'ring'],
  ['gauge', 'internal', 'plug'],
  ['nut', 'internal', 'plug'],
] as const)('%s of an %s thread is chosen among the %s', (kind, side, found) => {
  const all = gaugesFor(book, kind, side);
  expect(all.every(({ document }) => document.kind === found)).toBe(true);
  expect(all.length).toBe(gauges.filter(({ document }) => document.kind === found).length);
});

test('a gauge stands on the sheet with class, size and days; without its record as it was typed', () => {
  const ring = gauges.find(({ document }) => document.kind === 'ring')!;
  const form = formWith({ 'proof.evidence.0.kind': 'gauge', 'proof.evidence.0.record': String(ring.id) });
  const { plan } = readPlan(form);
  const on = { plan: plan!, lathe: usualLathe('in'), words: USUAL_WORDS };
  expect(gaugeSays(ring)).toBe(
    `No. ${ring.id}, ${ring.document.name}, calibrated ${ring.document.calibrated}, due ${ring.document.due}`,
  );
  expect(sheetFor({ ...on, book }).proof[0]?.gauge).toBe(gaugeSays(ring));
  expect(sheetFor({ ...on, book: { tools: [], gauges: [] } }).proof[0]?.gauge).toBeNull();
});

test.each(['', '0', '-1', '1.5', 'seven', '99999999999'])('“%s” names no record', (text) => {
  expect(readPlan(formWith({ 'tool.record': text })).plan?.tool.record).toBeNull();
});
