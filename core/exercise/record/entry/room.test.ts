import { hasRoom, MOST_ENTRIES, roomLeft } from './room';

test('a record takes so many entries; some more are kept for whoever has to sign', () => {
  expect(hasRoom(MOST_ENTRIES - 1, 'student')).toBe(true);
  expect(hasRoom(MOST_ENTRIES, 'student')).toBe(false);
  expect(hasRoom(MOST_ENTRIES + 99, 'helper')).toBe(true);
  expect(hasRoom(MOST_ENTRIES + 100, 'instructor')).toBe(false);
});

test('it is said in time how many are left', () => {
  expect(roomLeft(4799)).toBeNull();
  expect(roomLeft(4800)).toMatch(/^This record takes 200 more entries/);
  expect(roomLeft(MOST_ENTRIES - 1)).toMatch(/takes 1 more entry:/);
  expect(roomLeft(MOST_ENTRIES)).toMatch(/is full/);
});
