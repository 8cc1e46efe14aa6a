import { randomUUID } from 'node:crypto';
import { Sequelize } from 'sequelize';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { latheFormOf } from '@/core/machine/lathe/form/lathe-form-of';
import {
  draftDocument,
  EMPTY_PLAN_FORM,
  formFrom,
  withLeaf,
  type PlanForm,
} from '@/core/exercise/plan/draft';
import { ENTRY_KINDS, type KnownKind } from '@/core/exercise/record/entry/kinds';
import type { EntryEnvelope } from '@/core/exercise/record/entry/entry-envelope';
import { closeDatabase, database } from '../database';
import { mariadbDriver } from '../mariadb-driver';
import { migrate } from '../migrate';
import { passOn } from '../outcome';
import type { PersonView } from '../people';
import { saveLathe } from '../shop';

/** For tests: a database of its own with no tables yet, on the server of OYAKATA_DATABASE_URL. Returns its URL. */
export async function emptyDatabase(name: string): Promise<string> {
  const url = process.env.OYAKATA_DATABASE_URL;
  if (url === undefined)
    throw new Error('These tests need OYAKATA_DATABASE_URL; run them with ./oyakata test.');
  const server = new Sequelize(url, { dialect: 'mariadb', dialectModule: mariadbDriver, logging: false });
  await server.query(`DROP DATABASE IF EXISTS ${name}`);
  await server.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  await server.close();
  await closeDatabase();
  process.env.OYAKATA_DATABASE_URL = url.replace(/\/[^/]*$/, `/${name}`);
  return process.env.OYAKATA_DATABASE_URL;
}

/** For tests: a database with tables and nothing in them. */
export async function freshDatabase(name: string): Promise<void> {
  await emptyDatabase(name);
  await migrate();
}

export interface TestClass {
  classId: number;
  instructor: PersonView;
  stranger: PersonView;
  students: PersonView[];
  /** Ids of its two lathes: inch dial, and a scale that counts from the bed. */
  lathes: number[];
}

/** For tests: a class of three with two lathes, and an instructor of another class. */
export async function testClass(): Promise<TestClass> {
  const { Person, SchoolClass, Membership } = database().models;
  const school = await SchoolClass.create({ name: 'Class' });
  const other = await SchoolClass.create({ name: 'Other class' });
  const join = async (name: string, role: 'instructor' | 'student', classId: number): Promise<PersonView> => {
    const { id } = await Person.create({ name, role });
    await Membership.create({ classId, personId: id, role });
    return { id, name, role };
  };
  const instructor = await join('Instructor', 'instructor', school.id);
  const stranger = await join('Other instructor', 'instructor', other.id);
  const students: PersonView[] = [];
  for (const name of ['One', 'Two', 'Three']) students.push(await join(name, 'student', school.id));
  const lathes: number[] = [];
  for (const [name, zeroAlong] of [
    ['Lathe 1', 'cross-slide'],
    ['Lathe 2', 'bed'],
  ] as const) {
    const form = { ...latheFormOf(usualLathe('in', name)), zeroAlong };
    lathes.push(passOn(await saveLathe(instructor, null, form)));
  }
  return { classId: school.id, instructor, stranger, students, lathes };
}

export const GOOD_FORM: PlanForm = withLeaf(
  { ...EMPTY_PLAN_FORM, title: 'Clamp screw' },
  'thread.designation',
  '3/4-16 UNF-2A',
);

/** For tests: the same, with a hold point that a helper may sign. */
export const HELPER_SIGNS: PlanForm = formFrom(
  draftDocument(withLeaf(withLeaf(GOOD_FORM, 'steps.0.id', 'instructor-look'), 'steps.0.hold', 'helper')),
);

const device = randomUUID();
let sequence = 0;

/** For tests: an entry as a device sends it. */
export function sentEntry(content: Record<string, unknown>): EntryEnvelope {
  sequence += 1;
  const { kind } = content;
  return {
    id: randomUUID(),
    device,
    sequence,
    after: null,
    deviceTime: new Date().toISOString(),
    format: typeof kind === 'string' && kind in ENTRY_KINDS ? ENTRY_KINDS[kind as KnownKind].format : 3,
    content,
  };
}
