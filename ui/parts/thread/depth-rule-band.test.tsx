import { render, screen, within } from '@testing-library/react';
import { depthRuleLandings } from '@/core/thread/depth/depth-rules';
import { memberFor } from '@/ui/test/thread';
import { DepthRuleBand } from './depth-rule-band';

const { thread, limits } = memberFor('M16x2-6g');
const band = limits.pitchDiameter;

function lanes(flat: number): Map<string, HTMLElement> {
  render(
    <DepthRuleBand
      unit="mm"
      band={band}
      landings={depthRuleLandings(
        thread,
        15.88,
        flat === 0 ? { kind: 'sharp' } : { kind: 'flat', flat },
        30,
        band,
      )}
    />,
  );
  const rows = screen.getAllByRole('row').slice(1);
  return new Map(
    rows.map((row) => [
      within(row).getByRole('rowheader').textContent ?? '',
      within(row).getByRole<HTMLElement>('img', { name: /the band/ }),
    ]),
  );
}

const placeOf = (lane: HTMLElement | undefined) => lane?.getAttribute('aria-label');

test('each rule has a lane that says where it lands', () => {
  const byRule = lanes(0.25);
  const find = (text: string) => [...byRule].find(([name]) => name.includes(text))?.[1];
  expect(placeOf(find('radial 0.6495 P'))).toBe('inside the band');
  expect(placeOf(find('half the pitch'))).toBe('above the band');
  expect(placeOf(find('radial 0.866 P'))).toBe('below the band');
});

test('the band is drawn at the same place in every lane, to scale with the landings', () => {
  const drawn = [...lanes(0).values()].map((lane) => {
    const rect = lane.querySelector('rect');
    return [Number(rect?.getAttribute('x')), Number(rect?.getAttribute('width'))] as const;
  });
  const [first] = drawn;
  drawn.forEach((each) => expect(each).toEqual(first));
  // Landings run from 0.5 P to 0.866 P of depth on 240 px; the band is 0.160 mm of it.
  const spread = 2 * 2 * (0.866025 - 0.5);
  expect(Math.abs((first?.[1] ?? 0) - (0.16 / spread) * 240)).toBeLessThan(0.06);
});

test('what is too deep is told from what can still be cut', () => {
  lanes(0);
  expect(screen.getByRole('row', { name: /radial 0.6495 P/ }).textContent).toContain('not deep enough here');
  expect(screen.getByRole('row', { name: /radial 0.866 P/ }).textContent).toContain('too deep here');
});
