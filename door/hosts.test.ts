import { allowedHosts, isAllowedHost } from './hosts';

const allowed = allowedHosts('press-shop.local, Bench-3:8080', 3210);

test.each([
  '127.0.0.1:3210',
  'localhost:3210',
  '[::1]:3210',
  'press-shop.local:3210',
  'PRESS-SHOP.local:3210',
  'bench-3:8080',
])('%s is a name of the server', (host) => expect(isAllowedHost(host, allowed)).toBe(true));

test.each([undefined, '', 'localhost', 'bench-3:3210', 'press-shop.local.evil.test:3210', 'evil.test'])(
  '%s is none',
  (host) => expect(isAllowedHost(host, allowed)).toBe(false),
);

test('port 80 is left out by browsers', () => {
  expect(isAllowedHost('localhost', allowedHosts(undefined, 80))).toBe(true);
});
