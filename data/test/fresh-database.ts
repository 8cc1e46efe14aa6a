import { randomUUID } from 'node:crypto';
import { Sequelize } from 'sequelize';
import { EMPTY_PLAN_FORM, type PlanForm } from '@/core/plan';
import { closeDatabase, database } from '../database';
import { mariadbDriver } from '../mariadb-driver';
import { migrate } from '../migrate';
import type { PersonView } from '../people';

/** For tests: an empty database of its own on the server of OYAKATA_DATABASE_URL. */
export async function freshDatabase(name: string): Promise<void> {
  const url = process.env.OYAKATA_DATABASE_URL;
  if (url === undefined)
    throw new Error('These tests need OYAKATA_DATABASE_URL; run them with ./oyakata test.');
  const server = new Sequelize(url, { dialect: 'mariadb', dialectModule: mariadbDriver, logging: false });
  await server.query(`DROP DATABASE IF EXISTS ${name}`);
  await server.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  await server.close();
  await closeDatabase();
  process.env.OYAKATA_DATABASE_URL = url.replace(/\/[^/]*$/, `/${name}`);
  await migrate();
}

export interface TestClass {
  instructor: PersonView;
  stranger: PersonView;
  students: PersonView[];
}

/** For tests: a class of three, and an instructor of another class. */
export async function testClass(): Promise<TestClass> {
  const { Person, SchoolClass, Enrolment } = database().models;
  const view = ({ id, name, role }: PersonView): PersonView => ({ id, name, role });
  const instructor = view(await Person.create({ name: 'Instructor', role: 'instructor' }));
  const stranger = view(await Person.create({ name: 'Other instructor', role: 'instructor' }));
  const school = await SchoolClass.create({ name: 'Class', instructorId: instructor.id });
  await SchoolClass.create({ name: 'Other class', instructorId: stranger.id });
  const students: PersonView[] = [];
  for (const name of ['One', 'Two', 'Three']) {
    const student = await Person.create({ name, role: 'student' });
    await Enrolment.create({ classId: school.id, studentId: student.id });
    students.push(view(student));
  }
  return { instructor, stranger, students };
}

export const GOOD_FORM: PlanForm = { ...EMPTY_PLAN_FORM, title: 'Clamp screw', thread: '3/4-16 UNF-2A' };

/** For tests: the envelope of an entry. */
export function envelope<F extends object>(fields: F): F & { id: string; deviceTime: string } {
  return { id: randomUUID(), deviceTime: new Date().toISOString(), ...fields };
}
