import * as mariadb from 'mariadb';
import { ownInstallation } from './installation';

/** For tests: asks the database directly, as the owner of its tables. */
export async function ask<Row>(sql: string, values: unknown[] = []): Promise<Row[]> {
  // A busy machine may take longer than the driver's one second.
  const connection = await mariadb.createConnection(`${ownInstallation().ownerUrl}?connectTimeout=60000`);
  try {
    return await connection.query<Row[]>(sql, values);
  } finally {
    await connection.end();
  }
}

export async function personId(name: string): Promise<number> {
  const [row] = await ask<{ id: number }>('SELECT id FROM people WHERE name = ?', [name]);
  if (row === undefined) throw new Error(`Nobody is called ${name}.`);
  return row.id;
}

/** The exercise of a title, the latest of that name. */
export async function exerciseId(title: string): Promise<number> {
  const [row] = await ask<{ id: number }>(
    'SELECT id FROM exercises WHERE title = ? ORDER BY id DESC LIMIT 1',
    [title],
  );
  if (row === undefined) throw new Error(`No exercise is called ${title}.`);
  return row.id;
}

/** An attempt of the class that stands in a state, the first one. */
export async function attemptIn(state: string): Promise<number> {
  const [row] = await ask<{ id: number }>(
    'SELECT attempt_id AS id FROM attempt_summaries WHERE state = ? ORDER BY attempt_id LIMIT 1',
    [state],
  );
  if (row === undefined) throw new Error(`No attempt is ${state}.`);
  return row.id;
}

/** An instructor of another class and a student of hers; made once. */
export async function strangers(): Promise<{ instructor: number; student: number }> {
  const [instructorName, studentName] = ['Test: other instructor', 'Test: other student'];
  const known = await ask('SELECT id FROM people WHERE name = ?', [instructorName]);
  if (known.length === 0) {
    await ask("INSERT INTO people (name, role) VALUES (?, 'instructor'), (?, 'student')", [
      instructorName,
      studentName,
    ]);
    await ask("INSERT INTO classes (name, code) VALUES ('Test: other class', 'TEST34')");
    await ask(
      "INSERT INTO memberships (class_id, person_id, role) SELECT c.id, p.id, p.role FROM classes c, people p WHERE c.name = 'Test: other class' AND p.name IN (?, ?)",
      [instructorName, studentName],
    );
    // They sign in with the secrets of the demo shop.
    for (const [kind, name] of [
      ['password', instructorName],
      ['pin', studentName],
    ] as const)
      await ask(
        `INSERT INTO credentials (person_id, kind, sign_in_name, secret_hash, set_at)
          SELECT p.id, c.kind, IF(c.kind = 'pin', NULL, p.name), c.secret_hash, c.set_at FROM people p, credentials c
          WHERE p.name = ? AND c.kind = ? AND c.demo = 1 LIMIT 1`,
        [name, kind],
      );
  }
  return { instructor: await personId(instructorName), student: await personId(studentName) };
}
