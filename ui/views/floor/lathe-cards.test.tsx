import { fireEvent, render, screen, within } from '@testing-library/react';
import type { FloorLathe, FloorPiece } from '@/core/exercise/board/floor';
import { LatheCards } from './lathe-cards';
import { WaitingList } from './waiting-list';

const NOW = Date.parse('2026-09-01T08:10:00.000Z');
const piece: FloorPiece = {
  attemptId: 7,
  student: 'Hana Ruiz',
  exercise: 'Levelling foot',
  lathe: 'Lathe 3',
  state: 'set-up',
  floor: {
    waits: {
      kind: 'hold',
      id: 'instructor-look',
      title: 'Instructor looks',
      since: '2026-09-01T08:03:00.000Z',
    },
    stage: 'Set-up: Instructor looks',
    stageSince: '2026-09-01T08:03:00.000Z',
    last: { title: 'Dry run', detail: 'done', at: '2026-09-01T08:03:00.000Z' },
    warnings: ['Compound: outside of its limits'],
  },
  bench: { held: 2, heardAt: '2026-09-01T08:08:00.000Z' },
};
const next = {
  attemptId: 9,
  student: 'Ivo Mensah',
  exercise: 'Levelling foot',
  lathes: [{ sheetId: 4, name: 'Lathe 4' }],
};

test('whoever waits is shown with lathe, reason and time, and is chosen by a touch', () => {
  const chosen: number[] = [];
  render(<WaitingList waiting={[piece]} now={NOW} chosen={null} onChoose={(id) => chosen.push(id)} />);
  const card = screen.getByRole('button', { name: /Lathe 3 · Hana Ruiz/ });
  expect(card.textContent).toContain('Hold point: Instructor looks');
  expect(card.textContent).toContain('7 min');
  fireEvent.click(card);
  expect(chosen).toEqual([7]);
});

test('nobody waiting is said', () => {
  render(<WaitingList waiting={[]} now={NOW} chosen={null} onChoose={() => undefined} />);
  expect(screen.getByText('Nobody waits.')).not.toBeNull();
});

test('a lathe says its stage, since when, the last entry and its warnings; a free one offers who is next', () => {
  const started: [number, string][] = [];
  const lathes: FloorLathe[] = [
    { name: 'Lathe 3', pieces: [piece], next: [] },
    { name: 'Lathe 4', pieces: [], next: [next] },
  ];
  render(
    <LatheCards
      lathes={lathes}
      now={NOW}
      chosen={7}
      onChoose={() => undefined}
      onStart={({ attemptId }, lathe) => started.push([attemptId, lathe])}
    />,
  );
  const [busy, free] = screen.getAllByRole('listitem');
  expect(busy?.textContent).toContain('Set-up: Instructor looks');
  expect(busy?.textContent).toContain('Levelling foot · Dry run: done');
  expect(busy?.textContent).toContain('Compound: outside of its limits');
  expect(busy?.textContent).toContain('2 not sent yet by its bench, heard 2 min ago');
  expect(within(free!).getByText('free')).not.toBeNull();
  fireEvent.change(within(free!).getByRole('combobox'), { target: { value: '9' } });
  expect(started).toEqual([[9, 'Lathe 4']]);
});
