import 'server-only';
import { database } from './database';
import { giveCode } from './one-time-codes';
import { change, insertRow, rowsOf } from './query';
import { makeCode } from './secrets';

/** An instructor with a one-time code, as the command prints it. */
export interface CodeGiven {
  name: string;
  code: string;
}

/** An empty book gets one instructor and one class; null when there is anybody already. */
export function firstInstructor(name: string, className: string): Promise<CodeGiven | null> {
  return database().sequelize.transaction(async (transaction) => {
    const anybody = await rowsOf<{ id: number }>('SELECT id FROM people LIMIT 1', [], transaction);
    if (anybody.length > 0) return null;
    const personId = await insertRow(
      "INSERT INTO people (name, role) VALUES (?, 'instructor')",
      [name],
      transaction,
    );
    const classId = await insertRow(
      'INSERT INTO classes (name, code) VALUES (?, ?)',
      [className, makeCode(6)],
      transaction,
    );
    await change(
      "INSERT INTO memberships (class_id, person_id, role) VALUES (?, ?, 'instructor')",
      [classId, personId],
      transaction,
    );
    return { name, code: await giveCode(personId, 'password', null, transaction) };
  });
}

/** A one-time code for each instructor of that name; the command of whoever keeps the program. */
export async function codesForInstructor(name: string): Promise<CodeGiven[]> {
  const people = await rowsOf<{ id: number; name: string }>(
    `SELECT DISTINCT p.id, p.name FROM people p JOIN memberships m ON m.person_id = p.id
      LEFT JOIN credentials c ON c.person_id = p.id
      WHERE (p.name = ? OR c.sign_in_name = ?) AND m.role IN ('instructor', 'helper') AND m.archived_at IS NULL`,
    [name, name],
  );
  const given: CodeGiven[] = [];
  for (const person of people)
    given.push({ name: person.name, code: await giveCode(person.id, 'password', null) });
  return given;
}

/** Whether any instructor has a password yet. */
export async function anybodyCanSignIn(): Promise<boolean> {
  const rows = await rowsOf<{ id: number }>(
    "SELECT person_id AS id FROM credentials WHERE kind = 'password' LIMIT 1",
  );
  return rows.length > 0;
}
