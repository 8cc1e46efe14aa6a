import 'server-only';
import { readCode } from '@/core/people/spoken-code';
import { readPassword, readPin } from '@/core/people/secret-rules';
import type { BenchClass } from '@/core/people/account';
import { credentialNamed, credentialOf, setSecret, type Credential } from './credentials';
import { database } from './database';
import { isGuessed } from './guessed';
import { codeOf, useUp } from './one-time-codes';
import { notFound, outcomeOf, refuse, refuseFields, type Outcome } from './outcome';
import { findPerson, REMOVED, type PersonView } from './people';
import { rowOf, rowsOf } from './query';
import { isSecret } from './secrets';
import { forgetSecondFactor, hasSecondFactor, isSecondFactor } from './second-factors';
import { endSessionsOf } from './sessions';
import { forgetTriesOf, isKnownBrowser, tryAt, type TriedAt } from './tries';

/** Where a try comes from, so that tries can be counted: the address, and by what the browser is known (or nothing). */
export interface Origin {
  address: string;
  browser: string;
}

const KNOWN_GOES = 'From a browser in which you have signed in before it is possible now.';
/** What helps: where the browser is known, its own tries are what is slowed. */
const helps = (at: readonly TriedAt[]) => (at[0]?.stranger === true ? KNOWN_GOES : '');
const ASK_INSTRUCTOR = 'Your instructor can give you a new slip.';

/** What counts when somebody's secret is tried: apart for a browser that is known as theirs, and for all strangers. */
async function triedAt(
  personId: number,
  { address, browser }: Origin,
  place: { classId: number } | 'staff',
): Promise<TriedAt[]> {
  if (await isKnownBrowser(browser, personId))
    return [{ what: 'secret', which: `person ${personId} at ${browser}`, personId }];
  const at = place === 'staff' ? 'staff' : 'bench';
  return [
    { what: 'secret', which: `person ${personId} by strangers`, personId, stranger: true },
    ...(place === 'staff' ? [] : [{ what: 'class', which: String(place.classId) } as const]),
    { what: 'address', which: `${at} ${address}` },
  ];
}

/**
 * An instructor or helper, by name and password, and by the second factor where there is one. Whether the name or the
 * password was wrong is not told.
 */
export function signInByPassword(
  name: string,
  password: string,
  from: Origin,
  code = '',
): Promise<Outcome<PersonView>> {
  return outcomeOf(async () => {
    const credential = await credentialNamed(name.trim());
    // Counted at the person, whom the database knows by other ways of writing the name too.
    const at: TriedAt[] =
      credential === null
        ? [
            { what: 'secret', which: `name ${name}` },
            { what: 'address', which: `staff ${from.address}` },
          ]
        : await triedAt(credential.personId, from, 'staff');
    const found = await tryAt(at, helps(at), async () =>
      (await fits(credential, password)) ? credential : null,
    );
    if (found === null)
      return refuse('invalid', 'Name and password do not fit together.', 'password', 'wrong-secret');
    if (await hasSecondFactor(found.personId)) await tryFigures(found.personId, code, at);
    return known(found);
  });
}

/** The second factor, tried and slowed apart: whoever knows the password does not go through a million figures. */
async function tryFigures(personId: number, code: string, at: readonly TriedAt[]): Promise<void> {
  if (code === '') refuse('invalid', 'Type the six figures of your second factor.', 'code', 'second-factor');
  const right = await tryAt(
    at.slice(0, 1).map((each) => ({ ...each, which: `figures, ${each.which}` })),
    helps(at),
    async () => ((await isSecondFactor(personId, code)) ? true : null),
  );
  if (right === null) refuse('invalid', 'These are not the six figures of now.', 'code', 'second-factor');
}

export function classAtBench(code: string, from: Origin): Promise<Outcome<BenchClass>> {
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

/** Codes are tried apart in a browser that anybody has signed in with before. */
async function codeAt(what: string, { address, browser }: Origin): Promise<TriedAt> {
  const known = await isKnownBrowser(browser);
  return { what: 'code', which: `${what} ${known ? `at ${browser}` : `from ${address}`}` };
}

async function classOfCode(code: string, from: Origin): Promise<{ classId: number; className: string }> {
  const school = await tryAt([await codeAt('class', from)], ASK_INSTRUCTOR, () =>
    rowOf<{ classId: number; className: string }>(
      'SELECT id AS classId, name AS className FROM classes WHERE code = ? AND archived_at IS NULL',
      [readCode(code)],
    ),
  );
  return school ?? refuse('invalid', 'There is no class with this code.', 'classCode', 'wrong-code');
}

/** A student at the bench, by class, own name and PIN. */
export function signInByPin(
  classCode: string,
  personId: number,
  pin: string,
  from: Origin,
): Promise<Outcome<PersonView>> {
  return outcomeOf(async () => tryPin(personId, pin, from, await studentOfClass(classCode, personId, from)));
}

/** The same person again, at a bench whose session asks for the PIN anew. */
export function pinAgain({ id }: { id: number }, pin: string, from: Origin): Promise<Outcome<PersonView>> {
  return outcomeOf(async () => {
    const member = await rowOf<{ classId: number }>(
      "SELECT class_id AS classId FROM memberships WHERE person_id = ? AND role = 'student' AND archived_at IS NULL LIMIT 1",
      [id],
    );
    return tryPin(id, pin, from, member ?? notFound('student'));
  });
}

async function tryPin(
  personId: number,
  pin: string,
  from: Origin,
  place: { classId: number },
): Promise<PersonView> {
  const credential = await credentialOf(personId);
  if (credential?.kind !== 'pin')
    return refuse(
      'conflict',
      'You have no PIN yet. Ask the instructor for your slip, and choose one.',
      'pin',
      'no-pin',
    );
  const at = await triedAt(personId, from, place);
  const right = await tryAt(at, `${helps(at)} ${ASK_INSTRUCTOR}`.trim(), async () =>
    (await fits(credential, pin)) ? credential : null,
  );
  return right === null ? refuse('invalid', 'This is not your PIN.', 'pin', 'wrong-secret') : known(right);
}

async function studentOfClass(
  classCode: string,
  personId: number,
  from: Origin,
): Promise<{ classId: number }> {
  const { classId } = await classOfCode(classCode, from);
  const member = await rowOf<{ id: number }>(
    `SELECT person_id AS id FROM memberships
      WHERE class_id = ? AND person_id = ? AND role = 'student' AND archived_at IS NULL`,
    [classId, personId],
  );
  if (member === null) notFound('student in this class');
  return { classId };
}

async function fits(credential: Credential | null, secret: string): Promise<boolean> {
  const kept = credential !== null && credential.active === 1 ? credential.secretHash : null;
  return isSecret(kept, secret);
}

async function known({ personId }: Credential): Promise<PersonView> {
  return (await findPerson(personId)) ?? notFound('person');
}

/**
 * Chooses the first password or PIN, or a new one, with a one-time code; the code is used up, and every session that the
 * person had is ended.
 * @param student whose slip it has to be, at the bench
 */
export function chooseSecret(
  code: string,
  secret: string,
  from: Origin,
  student: { classCode: string; personId: number } | null = null,
): Promise<Outcome<PersonView>> {
  return outcomeOf(async () => {
    if (student !== null) await studentOfClass(student.classCode, student.personId, from);
    const typed = readCode(code);
    const person = await tryAt([await codeAt('one-time', from)], ASK_INSTRUCTOR, () =>
      database().sequelize.transaction(async (transaction) => {
        const found = await codeOf(typed, transaction);
        const meant =
          found !== null &&
          (student === null ? found.kind === 'password' : found.personId === student.personId);
        const owner = found === null || !meant ? null : await findPerson(found.personId);
        if (found === null || owner === null) return null;
        const read = found.kind === 'pin' ? readPin(secret) : readPassword(secret, owner.name);
        if (!read.ok) return refuseFields(read.issues);
        if (found.kind === 'password' && (await isGuessed(secret, owner.name))) refuseGuessed('password');
        await setSecret(owner.id, found.kind, read.value, transaction);
        await useUp(typed, transaction);
        await endSessionsOf(owner.id, transaction);
        await forgetSecondFactor(owner.id, transaction);
        return owner;
      }),
    );
    if (person === null)
      return refuse(
        'invalid',
        'This code is unknown, used already, or too old. Ask for another.',
        'code',
        'wrong-code',
      );
    await forgetTriesOf(person.id);
    return person;
  });
}

/** A password that stands in the lists of those which are tried first. */
export const refuseGuessed = (field: string): never =>
  refuse(
    'invalid',
    'This is one of the passwords that are tried first. Take a short sentence.',
    field,
    'guessed',
  );
