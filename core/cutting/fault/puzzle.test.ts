import { readFileSync } from 'node:fs';
import path from 'node:path';
import { profileDepth } from '@/core/test/profile';
import { HELD, TRUE_SETUP } from '@/core/test/setup';
import { FAULT_IDS, faultData, withFaults, type FaultId } from './faults';
import { loggedRoot, makePuzzle, markPuzzle, profileOfPuzzle, readFaultPuzzle, shownPuzzle } from './puzzle';
import { profileOver } from './cut-setup';

const NAMED = { title: 'Foot', thread: 'M16x2-6g', unit: 'mm', points: 10 } as const;
const on = (id: FaultId) => ({ id, amount: faultData(id).usual(TRUE_SETUP), from: 6 });
const puzzle = makePuzzle(TRUE_SETUP, HELD, on('tool-not-square'), NAMED);

test.each(FAULT_IDS)('a puzzle of %s is stored and read as it was made', (id) => {
  const made = makePuzzle(TRUE_SETUP, HELD, on(id), NAMED);
  expect(readFaultPuzzle(JSON.parse(JSON.stringify(made)))).toEqual(made);
  expect(made.accepted).toContain(id);
});

test('the frozen profile is the thread', () => {
  const [frozen, cut] = [
    profileOfPuzzle(puzzle),
    profileOver(withFaults(TRUE_SETUP, [on('tool-not-square')]), 4),
  ];
  for (let x = 0.01; x < 8; x += 0.37) expect(profileDepth(frozen, x)).toBe(profileDepth(cut, x));
});

test('a student is shown all but the answer', () => {
  const shown = shownPuzzle(puzzle) as Record<string, unknown>;
  for (const hidden of ['fault', 'accepted', 'amount', 'from']) expect(hidden in shown).toBe(false);
  expect(JSON.stringify(shown)).not.toContain('tool-not-square');
});

test('an answer is marked: all points or none, and what nothing tells apart counts too', () => {
  expect(markPuzzle(puzzle, 'tool-not-square')).toMatchObject({ right: true, points: 10 });
  expect(markPuzzle(puzzle, 'wrong-gearing')).toMatchObject({ right: false, points: 0 });
  expect(markPuzzle(puzzle, 'wrong-gearing').says).toContain('Tool not square');
  const moved = makePuzzle(TRUE_SETUP, HELD, on('part-moved'), NAMED);
  expect(markPuzzle(moved, 'wrong-mark').right).toBe(true);
});

/** By hand: 1.4894 at 29.5 degrees is 1.2963 deep, on 15.9 a root of 13.307. */
test('the log promises the planned root, and tells of a short cut itself', () => {
  const planned = 15.9 - 2 * 1.4894 * Math.cos((29.5 * Math.PI) / 180);
  expect(loggedRoot(TRUE_SETUP, [on('backlash')])).toBeCloseTo(planned, 9);
  expect(loggedRoot(TRUE_SETUP, [on('under-cut')])).toBeCloseTo(
    planned + 2 * 0.12 * Math.cos((29.5 * Math.PI) / 180),
    9,
  );
});

test('a later version and a broken one are refused', () => {
  expect(() => readFaultPuzzle({ ...puzzle, version: 2 })).toThrow('later release');
  expect(() => readFaultPuzzle({ ...puzzle, fault: 'gremlins' })).toThrow();
});

/** As version 1 stored it: read, drawn and marked as on that day, whatever the core cuts by then. */
test('a stored puzzle of version 1 opens and marks as it did', () => {
  const file = path.join(__dirname, 'fixtures/fault-puzzle-1.json');
  const stored = readFaultPuzzle(JSON.parse(readFileSync(file, 'utf8')));
  expect(stored).toMatchObject({ title: 'Levelling foot', fault: 'part-moved', points: 10 });
  expect(stored.evidence).toMatchObject({ pitchGauge: 'doubled', nut: 'free', flanks: 'doubled' });
  expect(profileOfPuzzle(stored).at(-1)?.x1).toBeCloseTo(8, 9);
  expect([markPuzzle(stored, 'wrong-mark').points, markPuzzle(stored, 'bending').points]).toEqual([10, 0]);
});
