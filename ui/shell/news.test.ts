import { act, renderHook } from '@testing-library/react';
import { useNews, type News } from './news';

/** For tests: a stream that is told what to do. */
class Stream extends EventTarget {
  static readonly CLOSED = 2;
  static made: Stream[] = [];
  readyState = 1;
  constructor(readonly url: string) {
    super();
    Stream.made.push(this);
  }
  close() {
    this.readyState = Stream.CLOSED;
  }
  tell(name: string, data = '{}') {
    this.dispatchEvent(new MessageEvent(name, { data }));
  }
  refuse() {
    this.readyState = Stream.CLOSED;
    this.dispatchEvent(new Event('error'));
  }
}

const posted: News[] = [];
let lock: Promise<unknown> | null = null;

beforeAll(() => {
  jest.useFakeTimers();
  Object.assign(window, {
    EventSource: Stream,
    BroadcastChannel: class {
      onmessage: ((message: { data: News }) => void) | null = null;
      postMessage = (news: News) => void posted.push(news);
    },
  });
  const locks = { request: (_: string, run: () => Promise<unknown>) => (lock = run()) };
  Object.defineProperty(navigator, 'locks', { value: locks, configurable: true });
});
afterAll(() => jest.useRealTimers());

test('the tab that holds the lock hears the server and tells the others; refused it comes again; gone it lets another listen', async () => {
  const heard: News[] = [];
  const { unmount } = renderHook(() => useNews((news) => heard.push(news)));
  const last = () => Stream.made.at(-1)!;
  expect(last().url).toBe('/api/events');
  act(() => last().tell('hello'));
  act(() => last().tell('attempts', '[{"id":7,"version":3}]'));
  expect(heard).toEqual([null, [{ id: 7, version: 3 }]]);
  expect(posted).toEqual(heard);
  // The server has no room, or a proxy no server: a browser does not come again by itself.
  last().refuse();
  expect(Stream.made).toHaveLength(1);
  jest.advanceTimersByTime(10_000);
  expect(Stream.made).toHaveLength(2);
  act(() => last().tell('hello'));
  expect(heard).toHaveLength(3);
  unmount();
  last().tell('hello');
  expect(heard).toHaveLength(3);
  // The session is over: another tab may listen.
  last().tell('gone');
  last().refuse();
  jest.advanceTimersByTime(60_000);
  expect(Stream.made).toHaveLength(2);
  await expect(lock).resolves.toBeUndefined();
});
