import { readPlan } from '@/core/exercise/plan/read/read-plan';
import { formWith, type Leaves } from '@/core/test/record';
import { formatLength } from '@/core/base/units/format-length';
import type { ShowLength } from '@/ui/units/display-unit';
import { stageResults } from './stage-results';

const show: ShowLength = {
  figures: (value, unit, extra) => formatLength({ value, unit }, unit, extra),
  unitOf: (unit) => unit,
  text: (length) => formatLength(length),
};
const results = (leaves: Leaves, touched = true) => {
  const form = formWith(leaves);
  return Object.fromEntries(
    stageResults(readPlan(form), form, show, () => touched).map((stage) => [stage.id, stage]),
  );
};

test('each stage has its one-line result', () => {
  const stages = results({});
  expect(stages.thread).toMatchObject({ result: '3/4-16 UNF-2A', standing: 'good' });
  expect(stages.blank).toMatchObject({ result: '⌀ 0.7438 in', standing: 'good' });
  expect(stages.compound?.result).toBe('scale 29.5°');
  expect(stages.passes?.result).toMatch(/^1\d passes, 2 stops$/);
});

test('inside, the work is a bore', () => {
  const titles = (thread: string) => {
    const { blank, target } = results({ 'thread.designation': thread });
    return [blank?.title, target?.title];
  };
  expect(titles('3/4-16 UNF-2A')).toEqual(['Blank and end', 'Proof']);
  expect(titles('3/4-16 UNF-2B')).toEqual(['Bore and end', 'Proof']);
});

test('a wrong field is bad, a warning is to attend to, an untouched required field only open', () => {
  expect(results({ 'work.diameter': 'x' }).blank?.standing).toBe('bad');
  expect(results({ 'technique.speed': '600' }).technique?.standing).toBe('attend');
  expect(results({ title: '' }, false).thread?.standing).toBe('open');
  expect(results({ title: '' }, true).thread?.standing).toBe('bad');
});
