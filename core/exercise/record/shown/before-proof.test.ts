import { sheetOf } from '@/core/test/record';
import { beforeProof } from './before-proof';

const before = (kind: string, holding: string, thread = '3/4-16 UNF-2A') => {
  const sheet = sheetOf({
    'thread.designation': thread,
    'holding.kind': holding,
    'proof.evidence.0.kind': kind,
  });
  return beforeProof(sheet, sheet.proof[0]!);
};

test('at rest, crests deburred and measured, then brushed and tried', () => {
  const steps = before('nut', 'chuck');
  const places = [/at rest/, /Burrs off.*major diameter/, /Brush/, /Try/].map((what) =>
    steps.findIndex((step) => what.test(step)),
  );
  expect(places).toEqual([0, 1, 2, 3]);
  expect(before('nut', 'chuck', '3/4-16 UNF-2B').join(' ')).toMatch(/measure the minor diameter.*screw/);
});
test('a centre is drawn out for it, and a part between centres keeps its marks', () => {
  expect(before('nut', 'chuck-and-centre').join(' ')).toMatch(/Centre out\..*Centre in/);
  expect(before('mate', 'between-centres').join(' ')).toMatch(/Mark slot and dog.*Back in by its marks/);
});
test('for a gauge the same; a measurement says its own', () => {
  expect(before('gauge', 'chuck').join(' ')).toMatch(/at rest\. Burrs off .*Brush/);
  expect(before('wires', 'chuck')).toEqual([]);
});
