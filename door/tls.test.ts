import { addressOf } from './address';
import { isPrivate } from './tls';

const request = (from: string, headers: Record<string, string> = {}) => ({
  headers,
  socket: { remoteAddress: from },
});
const HOST = 'threads.school.example';

describe('passwords go over TLS or stay on the machine', () => {
  test.each([
    ['this machine, no public address', request('127.0.0.1', { host: '127.0.0.1:3210' }), null, true],
    ['this machine by its own name', request('::1', { host: 'localhost:3210' }), HOST, true],
    [
      'the proxy on this machine, over TLS',
      request('127.0.0.1', { host: HOST, 'x-forwarded-proto': 'https' }),
      HOST,
      true,
    ],
    [
      'the proxy on this machine, plain',
      request('127.0.0.1', { host: HOST, 'x-forwarded-proto': 'http' }),
      HOST,
      false,
    ],
    ['the proxy says nothing', request('127.0.0.1', { host: HOST }), HOST, false],
    [
      'a proxy on another machine, over TLS',
      request('10.0.0.2', { host: HOST, 'x-forwarded-proto': 'https' }),
      HOST,
      true,
    ],
    ['a browser past the proxy', request('10.0.0.7', { host: HOST }), HOST, false],
    [
      'from outside without a public address',
      request('10.0.0.7', { 'x-forwarded-proto': 'https' }),
      null,
      false,
    ],
  ])('%s', (_, from, host, right) => {
    expect(isPrivate(from, host)).toBe(right);
  });
});

test('an address is the proxy’s last word, or the connection’s', () => {
  const headers = { 'x-forwarded-for': '6.6.6.6, 203.0.113.9' };
  expect(addressOf(request('127.0.0.1', headers), true)).toBe('203.0.113.9');
  expect(addressOf(request('127.0.0.1', headers), false)).toBe('127.0.0.1');
  expect(addressOf(request('127.0.0.1'), true)).toBe('127.0.0.1');
  expect(addressOf(request('127.0.0.1', { 'x-forwarded-for': 'x'.repeat(500) }), true)).toHaveLength(64);
});
