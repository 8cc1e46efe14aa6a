import { contextOf, cutOf, goodSteps, recordOf, sheetOf } from '@/core/test/record';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { readEntry } from '../read-entry';
import type { EntryContent } from '../kinds';
import { NOT_SAID } from './pass';

describe('a drive that is left to the student', () => {
  const free = sheetOf({ 'technique.drive': 'free' });
  const drive = (fields: Record<string, string>, before: EntryContent[] = []) => {
    const context = contextOf(free, recordOf([...goodSteps(free), ...before]));
    const read = readEntry({ kind: 'pass', plannedPass: String(before.length + 1), ...fields }, context);
    if (!read.ok || read.value.kind !== 'pass') throw new Error(JSON.stringify(read));
    return read.value.drive;
  };
  const first = cutOf(free.passes[0]!);
  test('is recorded as it is said, and not at all before anybody said it', () => {
    expect(free.way.driveFree).toBe(true);
    expect(drive({ drive: NOT_SAID })).toBeNull();
    expect(drive({})).toBeNull();
    expect(drive({ drive: 'reversing' })).toBe('reversing');
  });
  test('goes on as it was said last', () => {
    expect(drive({}, [{ ...first, drive: 'reversing' }])).toBe('reversing');
    expect(drive({ drive: 'half-nut' }, [{ ...first, drive: 'reversing' }])).toBe('half-nut');
  });
  test('where the plan says it, the plan’s is meant', () => {
    const planned = sheetOf();
    const read = readEntry(
      { kind: 'pass', plannedPass: '1' },
      contextOf(planned, recordOf(goodSteps(planned))),
    );
    expect(read.ok && read.value).toMatchObject({ drive: 'half-nut' });
  });
});

test('with two starts a figure within the turn is read in the turn of the start that is cut', () => {
  const usual = usualLathe('in');
  const dial = { ...usual.compound.dial, perTurn: { value: 0.02, unit: 'in' as const } };
  const two = sheetOf(
    { 'thread.designation': '3/4-16 UNF-2A (2 starts)', 'infeed.way': 'plunge' },
    { ...usual, crossSlide: { ...usual.crossSlide, dial } },
  );
  const first = two.passes.filter(({ start }) => start === 1).slice(0, 8);
  const context = contextOf(two, recordOf([...goodSteps(two), ...first.map((row) => cutOf(row))]));
  const reading = (start: string) => {
    const read = readEntry({ kind: 'pass', plannedPass: '', reading: '0.004', start }, context);
    return read.ok && read.value.kind === 'pass' ? read.value.reading : null;
  };
  // Start 1 stands in its second turn, start 2 was not cut yet.
  expect(context.prediction.reading.value).toBeGreaterThan(0.02);
  expect([reading('1'), reading('2')]).toEqual([0.024, 0.004]);
});
