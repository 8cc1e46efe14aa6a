import { render, screen } from '@testing-library/react';
import { tz } from '@date-fns/tz';
import { format } from 'date-fns/format';
import { ShopTime, ShopTimeProvider } from './shop-time';

const TIMES = [
  '2026-11-25T16:00:00Z',
  '2026-09-01T00:05:09Z',
  '2027-01-01T04:59:00.000Z',
  '2024-02-29T23:59:59Z',
];
const ZONES = ['UTC', 'America/New_York', 'Europe/Berlin', 'Asia/Kolkata', 'Pacific/Auckland'];

/** The second way is date-fns with the zones of its own package. */
test.each(ZONES.flatMap((zone) => TIMES.map((at) => [zone, at] as const)))('%s: %s', (zone, at) => {
  render(
    <ShopTimeProvider zone={zone}>
      <ShopTime at={at} />
      <ShopTime at={at} withYear />
    </ShopTimeProvider>,
  );
  const shown = screen.getAllByRole('time').map(({ textContent }) => textContent);
  expect(shown).toEqual(
    ['d MMM, HH:mm', 'd MMM yyyy, HH:mm'].map((pattern) => format(new Date(at), pattern, { in: tz(zone) })),
  );
});
