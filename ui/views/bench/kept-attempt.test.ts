import { sheetOf } from '@/core/test/record';
import type { EarlierTry } from '@/core/exercise/record/shown/earlier-try';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { keptAttempt } from './kept-attempt';

test('a sheet that an earlier release kept is reckoned as it was then; one of today is taken as it is', () => {
  const sheet = sheetOf();
  expect(keptAttempt({ sheet }).sheet).toBe(sheet);
  expect(keptAttempt({ sheet: null }).sheet).toBeNull();
  const { reckoned, way, ...rest } = sheet;
  const { driveFree, ...before } = way;
  expect([reckoned, driveFree]).toEqual(['as-recorded', false]);
  const older = { ...rest, way: before, version: 5 } as unknown as Sheet;
  expect(keptAttempt({ sheet: older }).sheet).toEqual({
    ...sheet,
    version: 6,
    reckoned: 'as-planned',
  });
});

test('what it kept of the try before waits until the server tells it whole', () => {
  const earlier: EarlierTry = {
    tryNumber: 1,
    how: 'scrapped',
    cause: 'x',
    change: '',
    fault: null,
    steps: [],
  };
  expect(keptAttempt({ sheet: null, earlier }).earlier).toEqual(earlier);
  const stepsOnly = { tryNumber: 1, steps: [] } as unknown as EarlierTry;
  expect(keptAttempt({ sheet: null, earlier: stepsOnly }).earlier).toBeNull();
});
