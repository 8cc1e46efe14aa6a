import 'server-only';
import type { Transaction } from 'sequelize';
import { readLatheForm } from '@/core/machine/lathe/form/read-lathe-form';
import { readLathe, type Lathe } from '@/core/machine/lathe/lathe';
import { readLatheRows } from '@/core/machine/lathe/form/lathe-rows';
import type { LatheForm } from '@/core/machine/lathe/form/lathe-form';
import { BOOK_KINDS, BOOKS, type BookDocument, type BookKind } from '@/core/machine/book/book';
import { readBookForm, type BookForm } from '@/core/machine/book/read-book-form';
import { readBookRows } from '@/core/machine/book/book-table';
import { readToolDocument, type ToolDocument } from '@/core/thread/tool/tool-document';
import { readGauge, type Gauge } from '@/core/measuring/gauging/gauge';
import { checkWords } from '@/core/machine/shop/check-words';
import { readShopWords, type ShopWords, type WordKey } from '@/core/machine/shop/words-document';
import { nonsenseIn } from '@/core/base/documents/nonsense';
import { UnreadableDocument } from '@/core/base/documents/document';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { teachingOf } from './access';
import { database } from './database';
import { isDuplicate } from './errors';
import { notFound, outcomeOf, refuse, refuseFields, type Outcome } from './outcome';
import type { PersonView } from './people';
import { change, insertRow, rowOf, rowsOf } from './query';
import { storedJson } from './stored-json';

type ItemKind = 'lathe' | BookKind;

/** A thing of the shop with its last revision. */
export interface ShopItem<D> {
  id: number;
  revisionId: number;
  number: number;
  archived: boolean;
  document: D;
}

async function itemsOf<D>(kind: ItemKind, read: (stored: unknown) => D): Promise<ShopItem<D>[]> {
  const rows = await rowsOf<{
    id: number;
    revisionId: number;
    number: number;
    archivedAt: Date | null;
    document: string;
  }>(
    `SELECT i.id, r.id AS revisionId, r.number, i.archived_at AS archivedAt, r.document FROM shop_items i
      JOIN shop_revisions r ON r.item_id = i.id
      WHERE i.kind = ? AND r.number = (SELECT MAX(number) FROM shop_revisions WHERE item_id = i.id) ORDER BY i.id`,
    [kind],
  );
  return rows.map(({ id, revisionId, number, archivedAt, document }) => ({
    id,
    revisionId,
    number,
    archived: archivedAt !== null,
    document: read(JSON.parse(document)),
  }));
}

/** The lathes of the shop, as they are now. */
export const lathesOf = (): Promise<ShopItem<Lathe>[]> => itemsOf('lathe', readLathe);
export const gaugesOf = (): Promise<ShopItem<Gauge>[]> => itemsOf('gauge', readGauge);

/** The tools and gauges of which a plan may name some. What was put away is still found by its number. */
export async function planBook(): Promise<{ tools: ShopItem<ToolDocument>[]; gauges: ShopItem<Gauge>[] }> {
  const [tools, gauges] = await Promise.all([itemsOf('tool', readToolDocument), gaugesOf()]);
  return { tools, gauges };
}

export interface Shop {
  timeZone: string;
  words: ShopWords;
  /** After so many minutes without use those who mark are signed out. */
  idleMinutes: number;
  /** Whether those who mark need a second factor. */
  secondFactor: boolean;
}

export async function shopOf(): Promise<Shop> {
  const row = await rowOf<{ timeZone: string; words: string; idleMinutes: number; secondFactor: number }>(
    'SELECT time_zone AS timeZone, words, idle_minutes AS idleMinutes, second_factor AS secondFactor FROM shop WHERE id = 1',
  );
  if (row === null) throw new Error('The shop has no row.');
  return {
    timeZone: row.timeZone,
    words: readShopWords(JSON.parse(row.words)),
    idleMinutes: row.idleMinutes,
    secondFactor: row.secondFactor === 1,
  };
}

/** What the page of the shop shows to an instructor. */
export function loadShop(
  viewer: PersonView,
): Promise<Outcome<{ shop: Shop; lathes: ShopItem<Lathe>[]; book: BookShelf }>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    const [shop, lathes, ...shelves] = await Promise.all([
      shopOf(),
      lathesOf(),
      ...BOOK_KINDS.map((kind) => itemsOf(kind, BOOKS[kind].read)),
    ]);
    const book = Object.fromEntries(BOOK_KINDS.map((kind, index) => [kind, shelves[index] ?? []]));
    return { shop, lathes, book: book as BookShelf };
  });
}

/** Everything of the book but the lathes, by kind. */
export type BookShelf = Record<BookKind, ShopItem<BookDocument>[]>;

/** A lathe with the exercises that were handed out on it. */
export function loadLathe(
  viewer: PersonView,
  itemId: number,
): Promise<Outcome<ShopItem<Lathe> & { usedIn: string[] }>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    const lathe = (await lathesOf()).find(({ id }) => id === itemId) ?? notFound('lathe');
    return { ...lathe, usedIn: await usedIn(viewer, itemId) };
  });
}

/**
 * Exercises of which sheets were made for a lathe: it is put away, and never taken out. Those of classes that the viewer
 * does not belong to are counted, not named.
 */
async function usedIn(viewer: PersonView, itemId: number): Promise<string[]> {
  const rows = await rowsOf<{ title: string; own: number }>(
    `SELECT e.title, MAX(m.person_id IS NOT NULL) AS own FROM shop_revisions r JOIN sheets s ON s.lathe_revision_id = r.id
      JOIN hand_out_sheets hs ON hs.sheet_id = s.id JOIN hand_outs h ON h.id = hs.hand_out_id
      JOIN exercises e ON e.id = h.exercise_id
      LEFT JOIN memberships m ON m.class_id = e.class_id AND m.person_id = ? AND m.archived_at IS NULL AND m.role <> 'student'
      WHERE r.item_id = ? GROUP BY e.id, e.title ORDER BY e.title LIMIT 200`,
    [viewer.id, itemId],
  );
  const titles = [...new Set(rows.filter(({ own }) => own === 1).map(({ title }) => title))].slice(0, 20);
  const others = rows.filter(({ own }) => own === 0).length;
  const counted = others === 1 ? 'one exercise' : `${others} exercises`;
  return others === 0 ? titles : [...titles, `${counted} of another class`];
}

/** A thing of the shop that is changed: which, and the revision that the change began from. */
interface Changed {
  itemId: number;
  /** Null where what stands is changed as it stands, such as the sizes of the wires. */
  seen: number | null;
}

/** The code of the refusal that gives the revision that stands. */
const CHANGED = 'changed';

/** Somebody has kept another revision in the meantime: both are there, and a person chooses. */
function changedByOther(number: number, document: unknown): never {
  return refuse(
    'conflict',
    'Somebody has kept another revision while you typed. Both are shown: choose for each field.',
    null,
    CHANGED,
    { number, document },
  );
}

/**
 * Stores a document as a new thing of the shop, or as the next revision of one. Returns the thing's id. A revision that
 * was not seen is never written over.
 */
async function storeItem(
  viewer: PersonView,
  kind: ItemKind,
  changed: Changed | null,
  document: object,
  within?: Transaction,
): Promise<number> {
  const nonsense = nonsenseIn(document);
  if (nonsense.length > 0) refuseFields(nonsense);
  const store = async (transaction: Transaction) => {
    const now = new Date();
    const text = storedJson(document);
    let id = changed?.itemId ?? null;
    if (id === null) {
      id = await insertRow(
        'INSERT INTO shop_items (kind, created_at) VALUES (?, ?)',
        [kind, now],
        transaction,
      );
    } else {
      const known = await rowOf<{ id: number }>(
        'SELECT id FROM shop_items WHERE id = ? AND kind = ? FOR UPDATE',
        [id, kind],
        transaction,
      );
      if (known === null) notFound(kind);
    }
    const last = await rowOf<{ number: number; document: string }>(
      'SELECT number, document FROM shop_revisions WHERE item_id = ? ORDER BY number DESC LIMIT 1',
      [id],
      transaction,
    );
    const seen = changed?.seen ?? null;
    if (last !== null && seen !== null && seen !== last.number && last.document !== text)
      changedByOther(last.number, JSON.parse(last.document));
    if (last?.document !== text)
      await insertRow(
        'INSERT INTO shop_revisions (item_id, number, document, issued_by_id, issued_at) VALUES (?, ?, ?, ?, ?)',
        [id, (last?.number ?? 0) + 1, text, viewer.id, now],
        transaction,
      );
    return id;
  };
  if (within !== undefined) return store(within);
  try {
    return await database().sequelize.transaction(store);
  } catch (error) {
    // Another server of the same database was quicker: what it kept is found when the same is tried again.
    if (!isDuplicate(error)) throw error;
    return database().sequelize.transaction(store);
  }
}

/** Keeps a lathe as typed: a new one, or the next revision of one. Sheets that were handed out stay as they are. */
export function saveLathe(
  viewer: PersonView,
  changed: Changed | null,
  form: LatheForm,
): Promise<Outcome<number>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    const read = readLatheForm(form);
    return read.ok ? storeItem(viewer, 'lathe', changed, read.value) : refuseFields(read.issues);
  });
}

/** Takes a lathe of a file. */
export function importLathe(viewer: PersonView, stored: unknown): Promise<Outcome<number>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    try {
      return await storeItem(viewer, 'lathe', null, readLathe(stored));
    } catch (error) {
      if (!(error instanceof UnreadableDocument)) throw error;
      return refuseFields([{ field: error.path, message: error.message }]);
    }
  });
}

/** Lathes that are offered; for files. */
export function loadLathes(viewer: PersonView): Promise<Outcome<Lathe[]>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    return (await lathesOf()).filter(({ archived }) => !archived).map(({ document }) => document);
  });
}

/** Takes lathes of the rows of a table: all of them or none. */
export function importLatheRows(
  viewer: PersonView,
  rows: readonly (readonly string[])[],
): Promise<Outcome<number>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    const read = readLatheRows(rows);
    if (!read.ok) return refuseFields(read.issues);
    return database().sequelize.transaction(async (transaction) => {
      for (const lathe of read.value) await storeItem(viewer, 'lathe', null, lathe, transaction);
      return read.value.length;
    });
  });
}

/** A thing that is no longer offered, or offered again; its revisions and what was cut with it stay. */
export function archiveItem(
  viewer: PersonView,
  itemId: number,
  archived: boolean,
  lathe: boolean,
): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    const known = await rowOf<{ id: number }>(
      `SELECT id FROM shop_items WHERE id = ? AND kind ${lathe ? '=' : '<>'} 'lathe'`,
      [itemId],
    );
    if (known === null) notFound(lathe ? 'lathe' : 'record');
    await change('UPDATE shop_items SET archived_at = ? WHERE id = ?', [
      archived ? new Date() : null,
      itemId,
    ]);
    return null;
  });
}

/** Records of a kind that are offered; for files. */
export function loadBook(viewer: PersonView, kind: BookKind): Promise<Outcome<BookDocument[]>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    const items = await itemsOf(kind, BOOKS[kind].read);
    return items.filter(({ archived }) => !archived).map(({ document }) => document);
  });
}

/** Keeps a record as typed: a new one of a kind, or the next revision of one. */
export function saveBook(
  viewer: PersonView,
  target: { kind: BookKind } | Changed,
  form: BookForm,
): Promise<Outcome<number>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    const kind = 'kind' in target ? target.kind : await kindOfItem(target.itemId);
    const read = readBookForm(kind, form);
    if (!read.ok) return refuseFields(read.issues);
    return storeItem(viewer, kind, 'kind' in target ? null : target, read.value);
  });
}

/** Takes records of a file: documents, or the rows of a CSV table. All of them or none. */
export function importBook(
  viewer: PersonView,
  kind: BookKind,
  sent: { documents: readonly unknown[] } | { rows: readonly (readonly string[])[] },
): Promise<Outcome<number>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    const documents = 'rows' in sent ? readBookRows(kind, sent.rows) : readDocuments(kind, sent.documents);
    if (!documents.ok) return refuseFields(documents.issues);
    return database().sequelize.transaction(async (transaction) => {
      for (const document of documents.value) await storeItem(viewer, kind, null, document, transaction);
      return documents.value.length;
    });
  });
}

function readDocuments(kind: BookKind, documents: readonly unknown[]): Result<BookDocument[]> {
  const read: BookDocument[] = [];
  for (const [index, stored] of documents.entries())
    try {
      read.push(BOOKS[kind].read(stored));
    } catch (error) {
      if (!(error instanceof UnreadableDocument)) throw error;
      return bad(`${index + 1}${error.path === '' ? '' : `, ${error.path}`}`, 'unreadable', error.message);
    }
  return good(read);
}

async function kindOfItem(itemId: number): Promise<BookKind> {
  const row = await rowOf<{ kind: string }>('SELECT kind FROM shop_items WHERE id = ?', [itemId]);
  return BOOK_KINDS.find((kind) => kind === row?.kind) ?? notFound('record');
}

/** Keeps the shop's wires: one set, as its sizes. */
export function saveWires(viewer: PersonView, gauge: Gauge): Promise<Outcome<number>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    const set = (await gaugesOf()).find(({ document, archived }) => document.kind === 'wires' && !archived);
    // Its name, its calibration and its note are the book's.
    const kept = set === undefined ? gauge : { ...set.document, sizes: gauge.sizes };
    return storeItem(viewer, 'gauge', set === undefined ? null : { itemId: set.id, seen: null }, kept);
  });
}

/** Keeps the words of the shop, checked again. Sheets that were handed out keep theirs. */
export function saveWords(
  viewer: PersonView,
  typed: Partial<Record<WordKey, string>>,
): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    const checked = checkWords(typed);
    if (!checked.ok) return refuseFields(checked.issues);
    await change('UPDATE shop SET words = ? WHERE id = 1', [storedJson(checked.value)]);
    return null;
  });
}

/** Sets the time zone in which times are shown; they are stored in UTC. */
export function setTimeZone(viewer: PersonView, timeZone: string): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    if (!isTimeZone(timeZone))
      refuseFields([
        { field: 'timeZone', message: 'Choose a time zone of the list, such as Europe/Prague.' },
      ]);
    await change('UPDATE shop SET time_zone = ? WHERE id = 1', [timeZone]);
    return null;
  });
}

function isTimeZone(timeZone: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
}
