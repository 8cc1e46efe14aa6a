import 'server-only';
import type { Transaction } from 'sequelize';
import { readLathe } from '@/core/machine/lathe/lathe';
import { readAnyScheme, type AnyScheme } from '@/core/exercise/marking/scheme';
import { readStoredPlan } from '@/core/exercise/plan/plan';
import { readSheet, type Sheet } from '@/core/exercise/sheet/sheet';
import { rowOf } from './query';

/** Documents whose rows never change are read once by each process. The last few hundred are kept: enough for a class's term. */
const MOST = 400;

function readOnce<T>(table: string, column: string, read: (stored: unknown) => T) {
  const known = new Map<number, T>();
  return async (id: number, transaction?: Transaction): Promise<T> => {
    const found = known.get(id);
    if (found !== undefined) return found;
    const row = await rowOf<{ document: string }>(
      `SELECT ${column} AS document FROM ${table} WHERE id = ?`,
      [id],
      transaction,
    );
    if (row === null) throw new Error(`There is no row ${id} in ${table}.`);
    const document = read(JSON.parse(row.document));
    if (known.size >= MOST) known.delete(known.keys().next().value ?? id);
    known.set(id, document);
    return document;
  };
}

export const sheetOf: (id: number, transaction?: Transaction) => Promise<Sheet> = readOnce(
  'sheets',
  'document',
  readSheet,
);
export const schemeOf: (id: number, transaction?: Transaction) => Promise<AnyScheme> = readOnce(
  'schemes',
  'document',
  readAnyScheme,
);
export const planOfRevision = readOnce('revisions', 'plan', readStoredPlan);
export const latheOfRevision = readOnce('shop_revisions', 'document', readLathe);
