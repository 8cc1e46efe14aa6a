import 'server-only';
import type { Transaction } from 'sequelize';
import { readName } from '@/core/people/person-name';
import type { Member, RosterView, Slip } from '@/core/people/roster';
import type { Role } from '@/core/people/role';
import { roleIn } from './access';
import { database } from './database';
import { isDuplicate } from './errors';
import { giveCode } from './one-time-codes';
import { conflict, forbidden, notFound, outcomeOf, refuseFields, type Outcome } from './outcome';
import { REMOVED, type PersonView } from './people';
import { change, insertRow, places, rowOf, rowsOf } from './query';
import { makeCode } from './secrets';
import { endGrantsOf, grantsOf } from './device-grants';
import { endSessionsOf } from './sessions';
import { strangersTries } from './tries';

/** Characters of a class's code. */
const CLASS_CODE = 6;

/**
 * The class, of those that the viewer teaches. Within a transaction it is also counted as changed: two changes of a roster
 * at one moment wait for each other, also where a lock alone is not seen by another server of the same database.
 */
async function taught(viewer: PersonView, classId: number, transaction?: Transaction) {
  if (transaction !== undefined)
    await change(
      'UPDATE classes SET roster_version = roster_version + 1 WHERE id = ?',
      [classId],
      transaction,
    );
  const school = await rowOf<{ id: number; name: string; code: string; archivedAt: Date | null }>(
    `SELECT id, name, code, archived_at AS archivedAt FROM classes WHERE id = ?${transaction === undefined ? '' : ' FOR UPDATE'}`,
    [classId],
    transaction,
  );
  const role = school === null ? null : await roleIn(viewer, classId, transaction);
  if (school === null || role === null) {
    if (viewer.role !== 'instructor') forbidden('Only the instructor can do this.');
    return notFound('class');
  }
  return role === 'instructor' ? school : forbidden('Only the instructor can do this.');
}

export function loadRoster(viewer: PersonView, classId: number): Promise<Outcome<RosterView>> {
  return outcomeOf(async () => {
    const school = await taught(viewer, classId);
    const [members, elsewhere, classes] = await Promise.all([
      rowsOf<
        Omit<Member, 'archived' | 'slipUntil' | 'benches' | 'tries'> & {
          archivedAt: Date | null;
          slipUntil: Date | null;
        }
      >(
        `SELECT p.id, p.name, m.role, m.archived_at AS archivedAt, c.kind AS secret,
            (SELECT MAX(o.expires_at) FROM one_time_codes o WHERE o.person_id = p.id AND o.used_at IS NULL
              AND o.expires_at > NOW(3)) AS slipUntil
          FROM memberships m JOIN people p ON p.id = m.person_id LEFT JOIN credentials c ON c.person_id = p.id
          WHERE m.class_id = ? AND p.name <> ?
          ORDER BY m.archived_at IS NOT NULL, FIELD(m.role, 'instructor', 'helper', 'student'), p.name`,
        [classId, REMOVED],
      ),
      rowsOf<{ id: number; name: string }>(
        `SELECT DISTINCT p.id, p.name FROM memberships t JOIN memberships m ON m.class_id = t.class_id
            JOIN people p ON p.id = m.person_id
          WHERE t.person_id = ? AND t.role = 'instructor' AND t.archived_at IS NULL AND p.name <> ?
            AND p.id NOT IN (SELECT person_id FROM memberships WHERE class_id = ?) ORDER BY p.name`,
        [viewer.id, REMOVED, classId],
      ),
      rowsOf<{ id: number; name: string; archivedAt: Date | null }>(
        `SELECT c.id, c.name, c.archived_at AS archivedAt FROM memberships m JOIN classes c ON c.id = m.class_id
          WHERE m.person_id = ? AND m.role = 'instructor' AND m.archived_at IS NULL ORDER BY c.id`,
        [viewer.id],
      ),
    ]);
    const ids = members.map(({ id }) => id);
    const [grants, tries] = await Promise.all([grantsOf(ids), strangersTries(ids)]);
    return {
      classId,
      className: school.name,
      code: school.code,
      archived: school.archivedAt !== null,
      viewerId: viewer.id,
      members: members.map(({ archivedAt, slipUntil, ...member }) => ({
        ...member,
        archived: archivedAt !== null,
        slipUntil: slipUntil?.toISOString() ?? null,
        tries: tries.find(({ personId }) => personId === member.id) ?? null,
        benches: grants.filter(({ personId }) => personId === member.id),
      })),
      elsewhere,
      classes: classes.map(({ id, name, archivedAt }) => ({ id, name, archived: archivedAt !== null })),
    };
  });
}

/** A new class, taught by whoever makes it. */
export function makeClass(viewer: PersonView, name: string): Promise<Outcome<number>> {
  return outcomeOf(() =>
    database().sequelize.transaction(async (transaction) => {
      if (viewer.role !== 'instructor') forbidden('Only the instructor can do this.');
      const classId = await insertRow(
        'INSERT INTO classes (name, code) VALUES (?, ?)',
        [nameOf(name), makeCode(CLASS_CODE)],
        transaction,
      );
      await join(classId, viewer.id, 'instructor', transaction);
      return classId;
    }),
  );
}

function nameOf(text: string): string {
  const read = readName(text);
  return read.ok ? read.value : refuseFields(read.issues);
}

function join(classId: number, personId: number, role: Role, transaction: Transaction): Promise<void> {
  return change(
    'INSERT INTO memberships (class_id, person_id, role) VALUES (?, ?, ?)',
    [classId, personId, role],
    transaction,
  ).catch((error: unknown) => {
    if (isDuplicate(error))
      return conflict('This person is in the class already, perhaps archived.', 'personId');
    throw error;
  });
}

/** What is changed of a class. */
export interface ClassChange {
  name?: string;
  archived?: boolean;
  /** The code that was given out is worth nothing any more. */
  newCode?: boolean;
}

export function changeClass(
  viewer: PersonView,
  classId: number,
  wanted: ClassChange,
): Promise<Outcome<null>> {
  return outcomeOf(() =>
    database().sequelize.transaction(async (transaction) => {
      const { name, code, archivedAt } = await taught(viewer, classId, transaction);
      const archived = wanted.archived ?? archivedAt !== null;
      await change(
        'UPDATE classes SET name = ?, code = ?, archived_at = ? WHERE id = ?',
        [
          wanted.name === undefined ? name : nameOf(wanted.name),
          wanted.newCode === true ? makeCode(CLASS_CODE) : code,
          archived ? (archivedAt ?? new Date()) : null,
          classId,
        ],
        transaction,
      );
      return null;
    }),
  );
}

/** Somebody new to a class: by name, or known from another class of the viewer. */
export interface Joining {
  names: readonly string[];
  personId: number | null;
  role: Role;
}

/** Adds people to a class; returns how many. All or none. */
export function addMembers(viewer: PersonView, classId: number, joining: Joining): Promise<Outcome<number>> {
  return outcomeOf(() =>
    database().sequelize.transaction(async (transaction) => {
      await taught(viewer, classId, transaction);
      if (joining.personId !== null)
        await refuseStranger(viewer, joining.personId, joining.role, transaction);
      const names = joining.names.map((name, index) => {
        const read = readName(name, `names[${index}]`);
        return read.ok ? read.value : refuseFields(read.issues);
      });
      for (const name of names) {
        const id = await insertRow(
          'INSERT INTO people (name, role) VALUES (?, ?)',
          [name, joining.role],
          transaction,
        );
        await join(classId, id, joining.role, transaction);
      }
      if (joining.personId !== null) await join(classId, joining.personId, joining.role, transaction);
      return names.length + (joining.personId === null ? 0 : 1);
    }),
  );
}

/** Somebody of the viewer's classes, who signs in as the role asks: a PIN of four figures opens no instructor's account. */
async function refuseStranger(
  viewer: PersonView,
  personId: number,
  role: Role,
  transaction: Transaction,
): Promise<void> {
  const known = await rowOf<{ role: Role }>(
    `SELECT p.role FROM memberships t JOIN memberships m ON m.class_id = t.class_id JOIN people p ON p.id = m.person_id
      WHERE t.person_id = ? AND t.role = 'instructor' AND t.archived_at IS NULL AND m.person_id = ? LIMIT 1`,
    [viewer.id, personId],
    transaction,
  );
  if (known === null) return notFound('person of your classes');
  if ((known.role === 'student') !== (role === 'student'))
    conflict(
      'Students sign in with a PIN, instructors and helpers with a password: add the name anew.',
      'role',
    );
}

/** What is changed of somebody in a class. */
export interface MemberChange {
  personId: number;
  name?: string;
  archived?: boolean;
}

/** Archives somebody, takes somebody back, or mends a name. What was recorded stays. */
export function changeMember(
  viewer: PersonView,
  classId: number,
  wanted: MemberChange,
): Promise<Outcome<null>> {
  return outcomeOf(() =>
    database().sequelize.transaction(async (transaction) => {
      await taught(viewer, classId, transaction);
      const { personId, name, archived } = wanted;
      const role = await memberRole(classId, personId, transaction);
      if (archived === true && personId === viewer.id)
        conflict('You can not archive yourself: another instructor of the class does it.', 'archived');
      if (name !== undefined && role !== 'student')
        forbidden('Instructors and helpers keep the name with which they sign in.');
      if (name !== undefined)
        await change('UPDATE people SET name = ? WHERE id = ?', [nameOf(name), personId], transaction);
      if (archived === undefined) return null;
      await change(
        'UPDATE memberships SET archived_at = ? WHERE class_id = ? AND person_id = ?',
        [archived ? new Date() : null, classId, personId],
        transaction,
      );
      if (archived) await endOfMember(personId, transaction);
      return null;
    }),
  );
}

/** What benches may send in the name of whoever is archived ends; whoever is in no class any more is signed out. */
async function endOfMember(personId: number, transaction: Transaction): Promise<void> {
  const left = await rowOf<{ classId: number }>(
    'SELECT class_id AS classId FROM memberships WHERE person_id = ? AND archived_at IS NULL LIMIT 1',
    [personId],
    transaction,
  );
  await (left === null ? endSessionsOf(personId, transaction) : endGrantsOf(personId, transaction));
}

async function memberRole(classId: number, personId: number, transaction: Transaction): Promise<Role> {
  const member = await rowOf<{ role: Role }>(
    `SELECT m.role FROM memberships m JOIN people p ON p.id = m.person_id
      WHERE m.class_id = ? AND m.person_id = ? AND p.name <> ?`,
    [classId, personId, REMOVED],
    transaction,
  );
  return member?.role ?? notFound('person in this class');
}

/**
 * New slips. A student's PIN is worth nothing from now on, and the student's sessions end. Instructors and helpers get
 * one only until they have a password: nobody takes over a colleague's account.
 */
export function makeSlips(
  viewer: PersonView,
  classId: number,
  personIds: readonly number[],
): Promise<Outcome<Slip[]>> {
  return outcomeOf(() =>
    database().sequelize.transaction(async (transaction) => {
      await taught(viewer, classId, transaction);
      const rows = await rowsOf<{ id: number; name: string; role: Role; secret: string | null }>(
        `SELECT p.id, p.name, m.role, c.kind AS secret FROM memberships m JOIN people p ON p.id = m.person_id
            LEFT JOIN credentials c ON c.person_id = p.id
          WHERE m.class_id = ? AND m.archived_at IS NULL AND p.name <> ? AND p.id IN (${places(personIds)}) ORDER BY p.name`,
        [classId, REMOVED, ...personIds],
        transaction,
      );
      if (rows.length !== new Set(personIds).size) notFound('person in this class');
      const slips: Slip[] = [];
      for (const { id, name, role, secret } of rows) {
        if (secret === 'password')
          conflict(
            `${name} has a password. Whoever keeps the program gives a new code: ./oyakata account "${name}"`,
            'personIds',
          );
        await change('DELETE FROM credentials WHERE person_id = ?', [id], transaction);
        await endSessionsOf(id, transaction);
        const kind = role === 'student' ? 'pin' : 'password';
        slips.push({ personId: id, name, role, code: await giveCode(id, kind, viewer.id, transaction) });
      }
      return slips;
    }),
  );
}
