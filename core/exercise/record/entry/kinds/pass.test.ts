import { contextOf, cutOf, goodSteps, recordOf, sheetOf } from '@/core/test/record';
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
