import { randomUUID } from 'node:crypto';
import { database } from './database';
import { endGrant, endGrantsHere, grantDevice, grantedBy, grantedBySeal, grantsOf } from './device-grants';
import { passOn } from './outcome';
import { change } from './query';
import { endSessionsOf } from './sessions';
import { browser } from './test/bench-browser';
import { classDatabase } from './test/class-database';

const { people } = classDatabase();

test('a grant sends in its student’s name from its browser, until it is renewed, ended or unknown', async () => {
  const [student] = people.students;
  const at = browser();
  const give = async (seals: string[] = []) => passOn(await grantDevice(student!, at, seals));
  const first = await give();
  expect(await grantedBy(first.token, at.bound)).toEqual({ person: student, device: at.device });
  // Copied to another browser it is worth nothing.
  expect(await grantedBy(first.token, 'another browser')).toBeNull();
  await change('UPDATE device_grants SET granted_at = granted_at - INTERVAL 1 HOUR WHERE device = ?', [
    at.device,
  ]);
  const second = await give();
  expect(await grantedBy(first.token, at.bound)).toBeNull();
  expect(await grantedBy(second.token, at.bound)).not.toBeNull();
  for (const other of ['', 'x', randomUUID(), `${second.token}x`])
    expect(await grantedBy(other, at.bound)).toBeNull();
  // A PIN that is reset ends what devices may send.
  await database().sequelize.transaction((transaction) => endSessionsOf(student!.id, transaction));
  expect(await grantedBy(second.token, at.bound)).toBeNull();
});

test('staff have no grant: they sign with their own session', async () => {
  expect(await grantDevice(people.instructor, browser())).toMatchObject({ refused: { kind: 'forbidden' } });
});

test('a grant is good for eight days, and shown with the others until then', async () => {
  const at = browser();
  const { token } = passOn(await grantDevice(people.students[2]!, at));
  const age = (days: number) =>
    change('UPDATE device_grants SET granted_at = NOW(3) - INTERVAL ? HOUR WHERE device = ?', [
      24 * days,
      at.device,
    ]);
  await age(7.9);
  expect(await grantedBy(token, at.bound)).not.toBeNull();
  expect(await grantsOf([people.students[2]!.id])).toMatchObject([{ usedOn: 'Firefox' }]);
  await age(8.1);
  expect(await grantedBy(token, at.bound)).toBeNull();
  expect(await grantsOf([people.students[2]!.id])).toEqual([]);
});

test('a grant is ended by its student, by an instructor of the class, and by nobody else', async () => {
  const [student, other] = people.students;
  const at = browser();
  const { token } = passOn(await grantDevice(student!, at));
  const [grant] = await grantsOf([student!.id]);
  for (const stranger of [other!, people.stranger])
    expect(await endGrant(stranger, grant!.id)).toMatchObject({ refused: { kind: 'not-found' } });
  passOn(await endGrant(people.instructor, grant!.id));
  expect(await grantedBy(token, at.bound)).toBeNull();
  const again = passOn(await grantDevice(student!, at));
  passOn(await endGrant(student!, (await grantsOf([student!.id]))[0]!.id));
  expect(await grantedBy(again.token, at.bound)).toBeNull();
});

test('signing out ends what the browser may send, but for what was left there closed', async () => {
  const [student] = people.students;
  const at = browser();
  const gone = passOn(await grantDevice(student!, at));
  await endGrantsHere(student!.id, at.bound, []);
  expect(await grantedBy(gone.token, at.bound)).toBeNull();
  const kept = passOn(await grantDevice(student!, at));
  await endGrantsHere(student!.id, at.bound, [kept.seal]);
  expect(await grantedBySeal(kept.seal, at.bound)).not.toBeNull();
});
