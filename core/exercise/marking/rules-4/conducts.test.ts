import { CONDUCTS, pointsFor, told } from '@/core/test/conducts';
import { olderScheme } from '@/core/test/older-scheme';
import { planFor } from '@/core/test/record';
import { proposeMark } from '../propose-mark';

test('there are sixty conducts and more', () => expect(CONDUCTS.length).toBeGreaterThanOrEqual(60));

describe.each(CONDUCTS.map((conduct) => [conduct.does, conduct] as const))('%s', (_, conduct) => {
  const { sheet, record } = told(conduct);
  const scheme = olderScheme(pointsFor(conduct), planFor(conduct.plan ?? {}), [sheet]);
  const { lines, cap, total, blocked } = proposeMark(sheet, scheme, record);

  test(`is marked as a fair instructor would: ${conduct.why}`, () => {
    expect(blocked).toBeNull();
    const lost = lines.filter(({ seen, proposed, max }) => seen && proposed < max);
    const shares = Object.fromEntries(lost.map(({ id, proposed, max }) => [id, proposed / max]));
    expect(Object.keys(shares).toSorted()).toEqual(Object.keys(conduct.loses ?? {}).toSorted());
    for (const [id, share] of Object.entries(conduct.loses ?? {})) {
      const max = lines.find((line) => line.id === id)?.max ?? 0;
      // In steps of half a point.
      expect(Math.abs((shares[id] ?? 0) - share) * max).toBeLessThanOrEqual(0.26 + 0.005 * max);
    }
    expect(lines.flatMap(({ id, seen }) => (seen ? [] : [id]))).toEqual(conduct.unseen ?? []);
    expect(cap?.most ?? null).toBe(conduct.cap ?? null);
    const sum = lines.reduce((all, { proposed }) => all + proposed, 0);
    expect(total).toBe(Math.min(sum, conduct.cap ?? Infinity));
    if (conduct.loses === undefined && conduct.unseen === undefined) expect(total).toBe(100);
  });

  test('every lost part of a point has its reason, and every point a line', () => {
    for (const { proposed, max, reason } of lines) {
      expect(reason).toMatch(/\.$/);
      if (proposed < max) expect(reason).not.toMatch(/^(Done in its place|Right:|Readings only go in\.$)/);
    }
    expect(lines.reduce((sum, { max }) => sum + max, 0)).toBe(100);
    if (conduct.says !== undefined) {
      const [id, words] = conduct.says;
      expect(lines.find((line) => line.id === id)?.reason).toContain(words);
    }
  });
});
