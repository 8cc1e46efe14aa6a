import 'server-only';
import type { Role } from '@/core/exercise/record/entry/entry';
import { membershipsOf } from './access';
import { personOfSession } from './sessions';
import { rowsOf, places } from './query';
import type { PersonView } from './people';

/** An attempt that has changed, by the version of its summary. */
export interface Change {
  id: number;
  version: number;
}

interface Watcher {
  viewer: PersonView;
  classes: readonly number[];
  /** The one student whose attempts are told; null: everybody's in these classes. */
  only: ReadonlyMap<number, number | null>;
  tell: (changes: readonly Change[]) => void;
}

/** How often the database is asked while somebody watches. News is promised within two seconds. */
const LOOK_MS = 700;
/** How far back is asked: a change may be committed so much later than it was made. No transaction is open so long. */
const LOOK_BACK_S = 30;

interface Versions {
  studentId: number;
  version: number;
}

interface Hub {
  watchers: Set<Watcher>;
  /** By class, the versions of what changed lately, as this process has told them. */
  told: Map<number, Map<number, Versions>>;
  /** When the database answered last, by the clock of this process that never steps. */
  lookedAt: number;
  timer: NodeJS.Timeout | null;
}

/**
 * Next.js may load this module more than once in one process. The list of watchers must exist only once, so it is
 * kept on the global object.
 */
const shared = globalThis as typeof globalThis & { oyakataNews?: Hub };
const hub = (): Hub =>
  (shared.oyakataNews ??= { watchers: new Set(), told: new Map(), lookedAt: 0, timer: null });

/**
 * Tells of every attempt that changes and that the viewer may see, whichever server process changed it. The database
 * notifies nobody, so each process with watchers asks what changed in their classes during the last half a minute, and
 * compares versions. It never asks for what is newer than the last it saw: an earlier change may be committed later.
 * @returns how to stop
 */
export async function watchNews(
  viewer: PersonView,
  tell: (changes: readonly Change[]) => void,
): Promise<() => void> {
  const watcher: Watcher = { viewer, ...(await seenBy(viewer)), tell };
  const { watchers, told } = hub();
  watchers.add(watcher);
  // A new watcher has read the present state already, so it is told only what changes from now on.
  const stop = () => {
    watchers.delete(watcher);
    if (watchers.size === 0) rest();
  };
  try {
    for (const classId of watcher.classes)
      if (!told.has(classId))
        told.set(
          classId,
          await changedIn([classId], LOOK_BACK_S).then((all) => all.get(classId) ?? new Map()),
        );
    if (watchers.size === 1) hub().lookedAt = performance.now();
  } catch (error) {
    // If the start fails, the watcher is removed again.
    stop();
    throw error;
  }
  lookLater();
  return stop;
}

/** What somebody may be told of: whole classes, and of those in which they are students their own pieces. */
async function seenBy(viewer: PersonView): Promise<Pick<Watcher, 'classes' | 'only'>> {
  const memberships = await membershipsOf(viewer);
  return {
    classes: memberships.map(({ classId }) => classId),
    only: new Map(memberships.map(({ classId, role }) => [classId, role === 'student' ? viewer.id : null])),
  };
}

function lookLater(): void {
  const all = hub();
  all.timer ??= setTimeout(() => {
    all.timer = null;
    void look();
  }, LOOK_MS);
}

/** With nobody to tell, nothing is asked. */
function rest(): void {
  const all = hub();
  if (all.timer !== null) clearTimeout(all.timer);
  all.timer = null;
  all.told.clear();
}

async function look(): Promise<void> {
  const { watchers, told } = hub();
  await lookWhoMaySee(watchers).catch(() => undefined);
  const classes = [...new Set([...watchers].flatMap((watcher) => watcher.classes))];
  for (const classId of told.keys()) if (!classes.includes(classId)) told.delete(classId);
  try {
    // While the database did not answer, the time to look back over has grown.
    const begun = performance.now();
    const since = Math.ceil((begun - hub().lookedAt) / 1000);
    const now = await changedIn(classes, LOOK_BACK_S + since);
    hub().lookedAt = begun;
    for (const classId of classes)
      tellChanges(classId, now.get(classId) ?? new Map<number, Versions>(), watchers, told);
  } catch {
    // The database does not answer: what changed meanwhile is told when it does.
  }
  if (watchers.size > 0) lookLater();
}

/** Memberships by person as they are now: whoever was archived meanwhile is told nothing more, whatever is open still. */
async function lookWhoMaySee(watchers: ReadonlySet<Watcher>): Promise<void> {
  const all = [...watchers];
  const ids = [...new Set(all.map(({ viewer }) => viewer.id))];
  const rows = await rowsOf<{ personId: number; classId: number; role: Role }>(
    `SELECT m.person_id AS personId, m.class_id AS classId, m.role FROM memberships m JOIN classes c ON c.id = m.class_id
      WHERE m.person_id IN (${places(ids)}) AND m.archived_at IS NULL AND c.archived_at IS NULL`,
    ids,
  );
  for (const watcher of all) {
    const own = rows.filter(({ personId }) => personId === watcher.viewer.id);
    watcher.classes = own.map(({ classId }) => classId);
    watcher.only = new Map(
      own.map(({ classId, role }) => [classId, role === 'student' ? watcher.viewer.id : null]),
    );
  }
}

function tellChanges(
  classId: number,
  now: Map<number, Versions>,
  watchers: ReadonlySet<Watcher>,
  told: Map<number, Map<number, Versions>>,
): void {
  const before = told.get(classId);
  told.set(classId, now);
  if (before === undefined) return;
  const changed = [...now].filter(([id, { version }]) => before.get(id)?.version !== version);
  if (changed.length === 0) return;
  for (const { only, tell } of watchers) {
    const student = only.get(classId);
    if (student === undefined) continue;
    const mine = changed.filter(([, { studentId }]) => student === null || studentId === student);
    if (mine.length > 0) tell(mine.map(([id, { version }]) => ({ id, version })));
  }
}

/** What changed in some classes during the last seconds, by class and attempt; answered by an index alone. */
export async function changedIn(
  classes: readonly number[],
  seconds: number,
): Promise<Map<number, Map<number, Versions>>> {
  const rows = await rowsOf<{ classId: number; id: number; studentId: number; version: number }>(
    `SELECT class_id AS classId, attempt_id AS id, student_id AS studentId, version FROM attempt_summaries
      WHERE class_id IN (${places(classes)}) AND changed_at >= NOW(3) - INTERVAL ? SECOND`,
    [...classes, seconds],
  );
  const found = new Map<number, Map<number, Versions>>(classes.map((id) => [id, new Map()]));
  for (const { classId, id, studentId, version } of rows) found.get(classId)?.set(id, { studentId, version });
  return found;
}

/** Whether a session is still somebody's: a stream that is open asks now and then. */
export const stillThere = async (token: string): Promise<boolean> => (await personOfSession(token)) !== null;
