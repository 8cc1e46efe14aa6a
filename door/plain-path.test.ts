import { plainPath } from './plain-path';

test.each(['/', '/api/events', '/exercises/12', '/_next/static/chunks/a-b_c.js', '/a%20b', '/spot/…'])(
  '%s is a path',
  (path) => {
    expect(plainPath(path)).toBe(path);
    expect(plainPath(`${path}?a=../b//c`)).toBe(path);
  },
);

test.each([
  '',
  'api/events',
  '//elsewhere.test/',
  '/api/./events',
  '/api/../api/events',
  '/api//events',
  '/api/events/',
  '/api/%2e/events',
  '/api/%2E%2e/events',
  '/_next/static/../../api/events',
  '/_next/static/..%2f..%2fapi/events',
  '/api%2fevents',
  '/a%252e',
  '/a\\b',
  '/a%5cb',
  '/%00',
  '/exercises/%',
])('%s is none: it would be resolved to another one', (path) => expect(plainPath(path)).toBeNull());
