import type { AttemptState } from '../record/state/record-state';
import type { FloorState } from '../record/shown/floor-state';

/** A piece on the floor: an attempt that was begun and is not marked, on its lathe. */
export interface FloorPiece {
  attemptId: number;
  student: string;
  exercise: string;
  lathe: string;
  state: AttemptState;
  floor: FloorState;
  /** What its bench still held when it was last heard, and when that was; null: no bench has sent anything. */
  bench: { held: number; heardAt: string } | null;
}

/** Somebody whose attempt is not begun, and the lathes on which it may be made. */
export interface FloorNext {
  attemptId: number;
  student: string;
  exercise: string;
  lathes: { sheetId: number; name: string }[];
}

/** The floor of a class, for instructors and helpers. */
export interface Floor {
  classId: number;
  className: string;
  role: 'instructor' | 'helper';
  classes: { id: number; name: string }[];
  pieces: FloorPiece[];
  next: FloorNext[];
  /** Every lathe of the shop, by its name. */
  lathes: string[];
  /** Time of the server when this was read (ISO 8601): what is shown as "since" is counted from it. */
  now: string;
}

/** Those who wait for somebody to come, longest first; what is handed in waits at the desk, not on the floor. */
export function waitingFirst(pieces: readonly FloorPiece[]): FloorPiece[] {
  const since = ({ floor }: FloorPiece) => floor.waits?.since ?? '';
  return pieces
    .filter(({ floor }) => floor.waits !== null && floor.waits.kind !== 'mark')
    .sort((a, b) => since(a).localeCompare(since(b)) || a.attemptId - b.attemptId);
}

/** Pieces that are handed in and wait to be accepted, longest first. */
export function handedInFirst(pieces: readonly FloorPiece[]): FloorPiece[] {
  const since = ({ floor }: FloorPiece) => floor.waits?.since ?? '';
  return pieces
    .filter(({ floor }) => floor.waits?.kind === 'mark')
    .sort((a, b) => since(a).localeCompare(since(b)) || a.attemptId - b.attemptId);
}

/** A lathe with who works on it, and who may be next. */
export interface FloorLathe {
  name: string;
  pieces: FloorPiece[];
  next: FloorNext[];
}

/** The floor by lathes: those at work first, in the order of the shop. Whoever has handed in has left the lathe. */
export function byLathe({ lathes, pieces, next }: Pick<Floor, 'lathes' | 'pieces' | 'next'>): FloorLathe[] {
  const names = [...new Set([...lathes, ...pieces.map(({ lathe }) => lathe)])];
  return names
    .map((name) => ({
      name,
      pieces: pieces.filter(({ lathe, state }) => lathe === name && state !== 'waiting'),
      next: next.filter((each) => each.lathes.some((lathe) => lathe.name === name)),
    }))
    .sort((a, b) => Number(a.pieces.length === 0) - Number(b.pieces.length === 0));
}
