import { render } from '@testing-library/react';
import { recordOf } from '@/core/test/record';
import { RoomNote } from './room-note';

const notes = (count: number) =>
  recordOf(Array.from({ length: count }, () => ({ kind: 'note' as const, text: 'x' })));
const said = (count: number) => render(<RoomNote entries={notes(count)} />).container.textContent;

test('nothing is said of a usual record; of one without much room how many entries are left', () => {
  expect(said(300)).toBe('');
  expect(said(4900)).toContain('This record takes 100 more entries');
  expect(said(5000)).toContain('This record is full');
});
