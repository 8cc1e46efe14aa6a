import 'server-only';
import { QueryTypes, type Transaction } from 'sequelize';
import { database } from './database';

type Values = readonly unknown[];

/** Rows of a query that reads. Values stand for the question marks, in their order. */
export function rowsOf<Row extends object>(
  sql: string,
  values: Values = [],
  transaction?: Transaction,
): Promise<Row[]> {
  return database().sequelize.query<Row>(sql, {
    type: QueryTypes.SELECT,
    replacements: [...values],
    raw: true,
    transaction: transaction ?? null,
  });
}

/** The first row, or null. */
export async function rowOf<Row extends object>(
  sql: string,
  values: Values = [],
  transaction?: Transaction,
): Promise<Row | null> {
  return (await rowsOf<Row>(sql, values, transaction))[0] ?? null;
}

/** Inserts and returns the id that the database gave. */
export async function insertRow(sql: string, values: Values, transaction?: Transaction): Promise<number> {
  const [id] = await database().sequelize.query(sql, {
    type: QueryTypes.INSERT,
    replacements: [...values],
    transaction: transaction ?? null,
  });
  return id;
}

/** Inserts rows in one statement; none is nothing to do. @param into table and columns, as after INSERT INTO */
export async function insertRows(
  into: string,
  rows: readonly Values[],
  transaction?: Transaction,
): Promise<void> {
  if (rows.length === 0) return;
  await change(
    `INSERT INTO ${into} VALUES ${rows.map((row) => `(${places(row)})`).join(', ')}`,
    rows.flat(),
    transaction,
  );
}

/** A statement that changes rows. */
export async function change(sql: string, values: Values = [], transaction?: Transaction): Promise<void> {
  await database().sequelize.query(sql, { replacements: [...values], transaction: transaction ?? null });
}

/** Question marks for a list of values. An empty list gives a condition that matches no row. */
export function places(values: Values): string {
  return values.length === 0 ? 'NULL' : values.map(() => '?').join(', ');
}
