import { ENDING_CHECKS, isTrial, stopData, STOPS } from './stops';
import { stopSteps } from './stop-steps';

test('the centre out and in again belongs to the trial (common practice)', () => {
  expect(stopSteps('nut', 'chuck-and-centre', 'nut')).toEqual([
    'Spindle off, and at rest.',
    'Centre out.',
    'Brush the chips out; no fingers.',
    'Try the nut.',
    'Centre in, quill locked.',
  ]);
});

test('between centres the part comes out and goes back by its marks', () => {
  const steps = stopSteps('mate', 'between-centres', 'nut');
  expect(steps).toContain('Try the mating part.');
  expect(steps.at(-1)).toContain('by its marks');
});

test('in the chuck alone the work stays where it is', () => {
  const steps = stopSteps('nut', 'chuck', 'plug').join(' ');
  expect(steps).toContain('Try the plug; do not push the work.');
  expect(steps).not.toContain('entre out');
});

test('every stop begins with the spindle off and at rest', () => {
  for (const { id } of STOPS) expect(stopSteps(id, 'chuck-and-centre', 'nut')[0]).toMatch(/^Spindle off/);
  expect(stopSteps('file', 'chuck', 'nut').join(' ')).toContain('sleeves clear');
});

test('a stop that nobody knows has no steps', () => {
  expect(stopData('polish')).toBeNull();
  expect(stopSteps('polish', 'chuck', 'nut')).toEqual([]);
});

test('what ends a repeated cut is a check, and the right answer stands first', () => {
  for (const id of ENDING_CHECKS) {
    const stop = stopData(id);
    expect(stop?.what).toBe('check');
    if (stop !== null && stop.answers.length > 0) expect(stop.answers[0]?.id).toBe('yes');
  }
  expect(STOPS.filter(({ id }) => isTrial(id)).map(({ id }) => id)).toEqual(['nut', 'mate']);
});
