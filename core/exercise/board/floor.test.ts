import type { FloorState } from '../record/shown/floor-state';
import { byLathe, waitingFirst, type FloorPiece } from './floor';

const piece = (
  attemptId: number,
  lathe: string,
  waits: FloorState['waits'],
  state = 'cutting',
): FloorPiece => ({
  attemptId,
  student: `Student ${attemptId}`,
  exercise: 'Clamp screw',
  lathe,
  state: state as FloorPiece['state'],
  floor: { waits, stage: '', stageSince: null, last: null, warnings: [] },
  bench: null,
});
const since = (minute: number, kind: 'hand' | 'hold' | 'mark' = 'hold') => ({
  kind,
  id: null,
  title: '',
  since: `2026-09-01T08:${String(minute).padStart(2, '0')}:00.000Z`,
});

test('whoever waits longest is first; what is handed in does not wait on the floor', () => {
  const pieces = [
    piece(1, 'A', since(9)),
    piece(2, 'B', since(3, 'hand')),
    piece(3, 'B', null),
    piece(4, 'C', since(1, 'mark'), 'waiting'),
    piece(5, 'C', since(3)),
  ];
  expect(waitingFirst(pieces).map(({ attemptId }) => attemptId)).toEqual([2, 5, 1]);
});

test('lathes at work are first, each with those who may be next on it; a lathe of an older name is shown too', () => {
  const next = [{ attemptId: 9, student: 'N', exercise: 'E', lathes: [{ sheetId: 1, name: 'A' }] }];
  const lathes = byLathe({
    lathes: ['A', 'B'],
    pieces: [piece(1, 'B', null), piece(2, 'Old name', null), piece(3, 'A', since(1, 'mark'), 'waiting')],
    next,
  });
  expect(lathes.map(({ name, pieces }) => [name, pieces.length])).toEqual([
    ['B', 1],
    ['Old name', 1],
    ['A', 0],
  ]);
  expect(lathes[2]?.next).toEqual(next);
});
