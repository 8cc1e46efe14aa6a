import { STARTERS } from '../plan/starters';
import { formWith, goodSteps, planFor, plannedWork, recordOf, sheetOf } from '@/core/test/record';
import { readPlan } from '../plan/read/read-plan';
import { proposeMark } from './propose-mark';
import { readOlderScheme } from './older/older-scheme';
import { olderScheme } from '@/core/test/older-scheme';

const POINTS = { setUp: 30, passes: 30, result: 40 };

test.each(STARTERS.map(({ id, leaves }) => [id, leaves] as const))(
  '%s: every line that is judged is listed',
  (_, leaves) => {
    const thread = leaves['technique.side'] === 'back' ? 'M30x2-6H' : '3/4-16 UNF-2A';
    const all = { 'thread.designation': thread, ...leaves };
    expect(readPlan(formWith(all)).plan).not.toBeNull();
    const sheet = sheetOf(all);
    const scheme = olderScheme(POINTS, planFor(all), [sheet]);
    for (const record of [[], goodSteps(sheet), [...goodSteps(sheet), ...plannedWork(sheet)]]) {
      const { lines, blocked } = proposeMark(sheet, scheme, recordOf(record));
      const listed = scheme.lines.map(({ id }) => id);
      expect(lines.filter(({ id }) => !listed.includes(id))).toEqual([]);
      expect(blocked).toBeNull();
    }
  },
);

test('a line that a scheme lacks blocks the mark by its name; one of version 1 weighs 1, as it did', () => {
  const sheet = sheetOf();
  const whole = olderScheme(POINTS, planFor(), [sheet]);
  const lacking = { ...whole, lines: whole.lines.filter(({ id }) => id !== 'step:compound') };
  const refused = proposeMark(sheet, lacking, recordOf(goodSteps(sheet)));
  expect(refused.blocked).toMatch(/^The scheme has no line for “.*ompound.*”/);
  expect(refused.lines.map(({ id }) => id)).not.toContain('step:compound');

  const { unlisted: _, ...older } = lacking;
  const first = readOlderScheme({ ...older, version: 1 });
  expect(first.unlisted).toBe('weight-1');
  const { lines, blocked } = proposeMark(sheet, first, recordOf(goodSteps(sheet)));
  expect(blocked).toBeNull();
  expect(lines.find(({ id }) => id === 'step:compound')?.max).toBeGreaterThan(0);
});

test('what nobody judges is not in the usual scheme', () => {
  const sheet = sheetOf();
  const scheme = olderScheme(POINTS, planFor(), [sheet]);
  expect(new Set(scheme.lines.map(({ id }) => id)).size).toBe(scheme.lines.length);
  expect(scheme.lines.every(({ weight }) => weight > 0)).toBe(true);
});
