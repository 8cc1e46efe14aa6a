import { completeBrowser } from '@/ui/test/browser';
import { render, screen } from '@testing-library/react';
import { fitFor } from '@/ui/test/thread';
import { ToleranceZones, zonesOf } from './tolerance-zones';

completeBrowser();

/** ISO 965-1 for M16x2 6g/6H, from memory of the tables: es 38, Td2 160, TD2 212, Td 280, TD1 375 micrometres. */
test('zones are deviations from the basic profile, external under it, internal over it', () => {
  const [major, pitch, minor] = zonesOf(fitFor('M16x2-6g'));
  expect(pitch?.external.from).toBeCloseTo(-0.038, 3);
  expect(pitch?.external.to).toBeCloseTo(-0.198, 3);
  expect(pitch?.internal.to).toBeCloseTo(0, 3);
  expect(pitch?.internal.from).toBeCloseTo(0.212, 3);
  expect(major?.internal.from).toBeNull();
  expect(minor?.external.to).toBeNull();
  expect(minor?.internal.from).toBeCloseTo(0.375, 3);
});

test('the drawing says the play, and figures in micrometres', () => {
  render(<ToleranceZones fit={fitFor('M16x2-6g')} />);
  expect(screen.getByRole('img', { name: /Play on the pitch diameter \+38 to \+410 mm/ })).not.toBeNull();
  expect(screen.getAllByText('−38')).toHaveLength(3);
  expect(screen.getByText('+212')).not.toBeNull();
});

/** ASME B1.5 gives both crests and both roots two limits, ISO 2903 leaves the internal major open. */
test('what a standard closes is closed in the drawing', () => {
  const [acmeMajor, , acmeMinor] = zonesOf(fitFor('1-5 Acme-2G'));
  expect(acmeMajor?.internal.from).toBeCloseTo(0.04, 4);
  expect(acmeMinor?.external.to).toBeCloseTo(-0.0491, 4);
  const [major, , minor] = zonesOf(fitFor('Tr30x6-7e'));
  expect(major?.internal.from).toBeNull();
  expect(minor?.external.to).toBeCloseTo(-1.537, 3);
});
