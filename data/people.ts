import 'server-only';
import type { Role } from '@/core/record';
import { rowOf, rowsOf } from './query';

export interface PersonView {
  id: number;
  name: string;
  /** The first role of instructor, helper and student that the person has in any class: what the shell offers. */
  role: Role;
}

const ROLE = `COALESCE((SELECT m.role FROM memberships m WHERE m.person_id = p.id
  ORDER BY FIELD(m.role, 'instructor', 'helper', 'student') LIMIT 1), p.role)`;

/** Everybody who may work here: instructors first, then the others by name. Who was forgotten is not offered. */
export function listPeople(): Promise<PersonView[]> {
  return rowsOf<PersonView>(
    `SELECT p.id, p.name, ${ROLE} AS role FROM people p WHERE p.name <> '${REMOVED}'
      ORDER BY FIELD(${ROLE}, 'instructor', 'helper', 'student'), p.name`,
  );
}

export function findPerson(id: number): Promise<PersonView | null> {
  return rowOf<PersonView>(`SELECT p.id, p.name, ${ROLE} AS role FROM people p WHERE p.id = ?`, [id]);
}

/** What stays of a name that was taken out. */
export const REMOVED = 'removed';
