import { identifyThread, type MeasuredPart } from './identify-thread';

const part = (measured: Partial<MeasuredPart>): MeasuredPart => ({
  side: 'external',
  unit: 'in',
  crest: null,
  root: null,
  pitch: 0.0625,
  uncertainty: 0.001,
  ...measured,
});
const fitting = (measured: Partial<MeasuredPart>) =>
  identifyThread(part(measured)).flatMap(({ thread, fits }) => (fits ? [thread] : []));

/** Limits: ASME B1.1 tables, from memory; the sample of 0.490 in is common practice. */
test('a sample is known by its major diameter and its pitch', () => {
  expect(fitting({ crest: 0.49, pitch: 1 / 13 })).toEqual(['1/2-13 UNC-2A', '1/2-13 UNC-3A']);
  expect(fitting({ crest: 0.49, pitch: 0.0769 })[0]).toBe('1/2-13 UNC-2A');
  expect(fitting({ crest: 0.7438 })[0]).toBe('3/4-16 UNF-2A');
});

test('a metric thread measured in inches is found, and an inch one in millimetres', () => {
  expect(fitting({ crest: 15.85 / 25.4, pitch: 2 / 25.4 })[0]).toBe('M16x2-6g');
  expect(fitting({ unit: 'mm', crest: 0.7438 * 25.4, pitch: 25.4 / 16, uncertainty: 0.02 })[0]).toBe(
    '3/4-16 UNF-2A',
  );
});

test('two systems of one pitch are told apart by the form only, and both are named', () => {
  const found = identifyThread(part({ crest: 0.871, pitch: 1 / 9 }));
  expect(found.map(({ thread }) => thread)).toEqual(
    expect.arrayContaining(['7/8-9 UNC-2A', '7/8-9 BSW medium bolt']),
  );
  expect(found.find(({ thread }) => thread.includes('BSW'))?.reason).toMatch(/55° form/);
});

test('a worn crest and a near pitch are named with the reason, after what fits', () => {
  const worn = identifyThread(part({ crest: 0.734 }));
  expect(worn[0]).toMatchObject({ thread: '3/4-16 UNF-2A', fits: false });
  expect(worn[0]?.reason).toMatch(/0\.0051 under/);
  const near = identifyThread(part({ crest: 0.7438, pitch: 0.064 }));
  expect(near[0]).toMatchObject({ thread: '3/4-16 UNF-2A', fits: false });
  expect(near[0]?.reason).toMatch(/2\.4 % off/);
});

test('a bore is known by its minor diameter, or by its root', () => {
  expect(fitting({ side: 'internal', unit: 'mm', crest: 14.2, pitch: 2 })).toEqual(['M16x2-6H']);
  expect(fitting({ side: 'internal', unit: 'mm', root: 16.1, pitch: 2 })).toEqual(['M16x2-6H']);
});

test('what is no standard thread has no candidates', () => {
  expect(identifyThread(part({ crest: 0.61, pitch: 0.013 }))).toEqual([]);
});
