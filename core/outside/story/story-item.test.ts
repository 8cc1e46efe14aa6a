import { Told } from '@/core/test/told';

const refusedFor = (told: Told, item: Parameters<Told['try']>[0]) => told.try(item)?.code ?? null;
const cutting = () => new Told().begun();

test.each([
  [{ do: 'stop', stop: 'nut', answer: 'free' }, 'no-such-stop'],
  [{ do: 'stop', stop: 'wires', answer: 'yes' }, 'not-asked'],
  [{ do: 'try', answer: 'free', final: false }, 'no-such-evidence'],
  [{ do: 'try', evidence: 'mate', answer: 'free', final: false }, 'no-such-evidence'],
  [{ do: 'find', evidence: 'gauge', answer: 'right', final: true }, 'no-such-evidence'],
  [{ do: 'measure', evidence: 'nut', places: { start: 0.76 }, final: false }, 'no-such-evidence'],
  [{ do: 'measure', places: { start: 7 }, final: false }, 'out-of-range'],
  [{ do: 'measure', places: {}, final: false }, 'out-of-range'],
  [{ do: 'step', id: 'nap' }, 'not-asked'],
  [{ do: 'sign', id: 'blank' }, 'not-asked'],
  [{ do: 'event', id: 'nap' }, 'not-asked'],
  [{ do: 'strike', item: 99 }, 'not-asked'],
  [{ do: 'cut', counted: 5 }, 'out-of-range'],
  [{ do: 'cut', reading: 'deep' }, 'out-of-range'],
  [{ do: 'after' }, null],
  [{ do: 'set-up' }, 'not-asked'],
  [{ do: 'refigure', what: 'tip', value: 'wide' }, 'out-of-range'],
  [{ do: 'end', as: 'scrapped' }, 'out-of-range'],
])('%j is refused with %s, and changes nothing', (item, code) => {
  const told = cutting();
  const before = JSON.stringify(told.says);
  expect(refusedFor(told, item)).toBe(code);
  if (code !== null) expect(JSON.stringify(told.says)).toBe(before);
});

test('a blank that measures otherwise is figured anew by the set-up', () => {
  const told = new Told().then({ do: 'step', id: 'blank', value: 0.742 }, { do: 'set-up' });
  expect(told.record.prediction.figuredFor).toBe(0.742);
});

test('a tip found at the bench is foretold with', () => {
  const usual = cutting().toRow(10).advice.size;
  const told = new Told().then({ do: 'set-up' }, { do: 'refigure', what: 'tip', value: 0.0108 });
  told.then({ do: 'cut' }, { do: 'set-up' });
  told.until(({ record }) => record.prediction.reading.value >= 0.03);
  // A flat wider by 0.003 leaves 0.003 cot 30 less at the same depth (common practice).
  const by = (told.record.prediction.reading.value - 0.041) * 2 * Math.cos((29.5 * Math.PI) / 180);
  expect((usual?.min ?? NaN) - (told.advice.size?.min ?? NaN) - by).toBeCloseTo(0.003 * Math.sqrt(3), 4);
});

test('what was struck out is told again', () => {
  const told = cutting().then({ do: 'cut' });
  const before = told.says.row;
  told.then({ do: 'cut' });
  told.then({ do: 'strike', item: told.record.madeBy.length - 1 });
  expect(told.says.row).toBe(before);
});

test('a nut at a stop that is no evidence of the proof is tried there', () => {
  const told = new Told({ starter: 'until-nut', plan: { 'proof.evidence.0.kind': 'gauge' } })
    .begun()
    .toPhase('try');
  expect(refusedFor(told, { do: 'try', evidence: 'nut', answer: 'will-not-start', final: false })).toBeNull();
  expect(told.advice.phase).toBe('cut');
});
