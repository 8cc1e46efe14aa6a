import { CONDUCTS, pointsFor, told, type Conduct } from '@/core/test/conducts';
import { planFor, recordOf } from '@/core/test/record';
import { proposeMark } from '../propose-mark';
import { schemeFor } from '../scheme-of-plan';

/** How the lines of rules 4 are called here. */
const NAMES: Readonly<Record<string, string>> = {
  'result:pitch-diameter': 'size',
  'passes:all-the-same': 'against',
};
const nameOf = (id: string) => NAMES[id] ?? id.replace(/^(passes|result):/, '');

const evidenceName = (id: string, lines: readonly { id: string }[]) => {
  const named = nameOf(id);
  return lines.some((line) => line.id === named) ? named : `evidence:${named}`;
};

/** What a fair instructor gives otherwise now, with the reason (common practice). */
const OTHERWISE: Readonly<Record<string, Partial<Conduct>>> = {
  'cuts without the instructor’s look': {
    why: 'a hold point was passed, and what was only ticked nobody has seen',
    loses: {
      'step:instructor-look': 0,
      ...Object.fromEntries(
        [
          'drive',
          'dry-run',
          'gearing',
          'holding',
          'safety',
          'safety-machine',
          'tool-square',
          'touch-off',
          'travel',
        ].map((id) => [`step:${id}`, 0.5]),
      ),
    },
  },
  'takes one bite half as much again as the largest allowed': {
    why: 'the points fall evenly to half, a graduation of the dial is not counted',
    loses: { 'passes:infeed': 0.6, 'passes:schedule': 0.9 },
  },
};

/** Whoever marks has had the part in hand: what was ticked at the end is looked over. */
const PART_IN_HAND = recordOf(
  [{ kind: 'look', subject: 'look:burrs', level: 0, of: 3, sentence: 'No burr', asked: '' }],
  'instructor',
).map((entry) => ({ ...entry, id: 'look' }));

describe.each(CONDUCTS.map((conduct) => [conduct.does, { ...conduct, ...OTHERWISE[conduct.does] }] as const))(
  '%s',
  (_, conduct) => {
    const { sheet, record } = told(conduct);
    const scheme = schemeFor(pointsFor(conduct), planFor(conduct.plan ?? {}));
    const { lines, cap, total, blocked } = proposeMark(sheet, scheme, [...record, ...PART_IN_HAND]);

    test(`is marked as a fair instructor would: ${conduct.why}`, () => {
      expect(blocked).toBeNull();
      const lost = lines.filter(({ seen, proposed, max }) => seen && proposed < max);
      const shares = Object.fromEntries(lost.map(({ id, proposed, max }) => [id, proposed / max]));
      const wanted = Object.entries(conduct.loses ?? {}).map(
        ([id, share]) => [evidenceName(id, lines), share] as const,
      );
      expect(Object.keys(shares).toSorted()).toEqual(wanted.map(([id]) => id).toSorted());
      for (const [id, share] of wanted) {
        const max = lines.find((line) => line.id === id)?.max ?? 0;
        // In steps of half a point.
        expect(Math.abs((shares[id] ?? 0) - share) * max).toBeLessThanOrEqual(0.26 + 0.005 * max);
      }
      expect(cap?.most ?? null).toBe(conduct.cap ?? null);
      const sum = lines.reduce((all, { proposed }) => all + proposed, 0);
      expect(total).toBe(Math.min(sum, conduct.cap ?? Infinity));
      if (conduct.loses === undefined && conduct.unseen === undefined) expect(total).toBe(100);
    });

    test('every lost part of a point has its reason and what it would have needed; every point has a line', () => {
      for (const { proposed, max, reason, needed, seen } of lines) {
        expect(reason).toMatch(/\.$/);
        if (seen && proposed < max) expect(needed).toMatch(/\w.*\.$/);
      }
      expect(lines.reduce((sum, { max }) => sum + max, 0)).toBe(100);
    });
  },
);
