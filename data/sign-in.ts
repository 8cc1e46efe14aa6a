import 'server-only';
import { readCode, readPassword, readPin, type BenchClass } from '@/core/people';
import { credentialNamed, credentialOf, setSecret, type Credential } from './credentials';
import { database } from './database';
import { forgetFailures, noteFailure, refuseTooOften, type TriedAt } from './failed-tries';
import { codeOf, useUp } from './one-time-codes';
import { notFound, outcomeOf, refuse, refuseFields, type Outcome } from './outcome';
import { findPerson, REMOVED, type PersonView } from './people';
import { rowOf, rowsOf } from './query';
import { isSecret } from './secrets';
import { endSessionsOf } from './sessions';

/** Where a try comes from, so that tries can be counted. */
export type Address = string;

/** An instructor or helper, by name and password. Whether the name or the password was wrong is not told. */
export function signInByPassword(
  name: string,
  password: string,
  from: Address,
): Promise<Outcome<PersonView>> {
  return outcomeOf(async () => {
    const credential = await credentialNamed(name.trim());
    // Counted at the person, whom the database knows by other ways of writing the name too.
    const which = credential === null ? name : `person ${credential.personId}`;
    const at: TriedAt = { what: 'secret', which };
    await refuseTooOften([at, { what: 'address', which: from }]);
    if (await fits(credential, password)) return known(credential, at);
    await noteFailure([at, { what: 'address', which: from }]);
    return refuse('invalid', 'Name and password do not fit together.', 'password', 'wrong-secret');
  });
}

export function classAtBench(code: string, from: Address): Promise<Outcome<BenchClass>> {
  return outcomeOf(async () => {
    const school = await classOfCode(code, from);
    const students = await rowsOf<{ id: number; name: string; hasPin: number }>(
      `SELECT p.id, p.name, EXISTS (SELECT 1 FROM credentials c WHERE c.person_id = p.id AND c.kind = 'pin') AS hasPin
        FROM memberships m JOIN people p ON p.id = m.person_id
        WHERE m.class_id = ? AND m.role = 'student' AND m.archived_at IS NULL AND p.name <> ? ORDER BY p.name`,
      [school.classId, REMOVED],
    );
    return { ...school, students: students.map((each) => ({ ...each, hasPin: each.hasPin === 1 })) };
  });
}

async function classOfCode(code: string, from: Address): Promise<{ classId: number; className: string }> {
  const at: TriedAt = { what: 'code', which: from };
  await refuseTooOften([at]);
  const school = await rowOf<{ classId: number; className: string }>(
    'SELECT id AS classId, name AS className FROM classes WHERE code = ? AND archived_at IS NULL',
    [readCode(code)],
  );
  if (school !== null) return school;
  await noteFailure([at]);
  return refuse('invalid', 'There is no class with this code.', 'classCode', 'wrong-code');
}

/** A student at the bench, by class, own name and PIN. */
export function signInByPin(
  classCode: string,
  personId: number,
  pin: string,
  from: Address,
): Promise<Outcome<PersonView>> {
  return outcomeOf(async () => {
    await studentOfClass(classCode, personId, from);
    const at: TriedAt = { what: 'secret', which: `person ${personId}` };
    await refuseTooOften([at, { what: 'address', which: from }]);
    const credential = await credentialOf(personId);
    if (credential?.kind !== 'pin')
      return refuse(
        'conflict',
        'You have no PIN yet. Ask the instructor for your slip, and choose one.',
        'pin',
        'no-pin',
      );
    if (await fits(credential, pin)) return known(credential, at);
    await noteFailure([at, { what: 'address', which: from }]);
    return refuse('invalid', 'This is not your PIN.', 'pin', 'wrong-secret');
  });
}

async function studentOfClass(classCode: string, personId: number, from: Address): Promise<void> {
  const { classId } = await classOfCode(classCode, from);
  const member = await rowOf<{ id: number }>(
    `SELECT person_id AS id FROM memberships
      WHERE class_id = ? AND person_id = ? AND role = 'student' AND archived_at IS NULL`,
    [classId, personId],
  );
  if (member === null) notFound('student in this class');
}

async function fits(credential: Credential | null, secret: string): Promise<boolean> {
  const kept = credential !== null && credential.active === 1 ? credential.secretHash : null;
  return isSecret(kept, secret);
}

async function known(credential: Credential | null, at: TriedAt): Promise<PersonView> {
  await forgetFailures(at);
  return (credential === null ? null : await findPerson(credential.personId)) ?? notFound('person');
}

/**
 * Chooses the first password or PIN, or a new one, with a one-time code; the code is used up, and every session that the
 * person had is ended.
 * @param student whose slip it has to be, at the bench
 */
export function chooseSecret(
  code: string,
  secret: string,
  from: Address,
  student: { classCode: string; personId: number } | null = null,
): Promise<Outcome<PersonView>> {
  return outcomeOf(async () => {
    if (student !== null) await studentOfClass(student.classCode, student.personId, from);
    const at: TriedAt = { what: 'code', which: `one-time ${from}` };
    await refuseTooOften([at]);
    const typed = readCode(code);
    const person = await database().sequelize.transaction(async (transaction) => {
      const found = await codeOf(typed, transaction);
      const meant =
        found !== null &&
        (student === null ? found.kind === 'password' : found.personId === student.personId);
      const owner = found === null || !meant ? null : await findPerson(found.personId);
      if (found === null || owner === null) return null;
      const read = found.kind === 'pin' ? readPin(secret) : readPassword(secret, owner.name);
      if (!read.ok) return refuseFields(read.issues);
      await setSecret(owner.id, found.kind, read.value, transaction);
      await useUp(typed, transaction);
      await endSessionsOf(owner.id, transaction);
      return owner;
    });
    if (person !== null) return person;
    await noteFailure([at]);
    return refuse(
      'invalid',
      'This code is unknown, used already, or too old. Ask for another.',
      'code',
      'wrong-code',
    );
  });
}
