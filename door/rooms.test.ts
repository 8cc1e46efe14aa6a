import type { Leave } from './admission';
import { roomsFor } from './rooms';

test('while entries wait, each asker has one page at a time, and others have theirs', async () => {
  const { entries, pages } = roomsFor(6);
  const recorded = await Promise.all([1, 2, 3, 4].map((person) => entries.enter(`person ${person}`)));
  const waiting = entries.enter('person 5');
  const first = await pages.enter('address a');
  const second = pages.enter('address a');
  const came = jest.fn();
  void second.then(came);
  expect(typeof (await pages.enter('address b'))).toBe('function');
  expect(came).not.toHaveBeenCalled();
  (recorded[0] as Leave)();
  expect(typeof (await waiting)).toBe('function');
  // Nothing waits any more.
  (first as Leave)();
  expect(typeof (await second)).toBe('function');
  expect(typeof (await pages.enter('address a'))).toBe('function');
});
