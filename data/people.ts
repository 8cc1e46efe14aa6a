import 'server-only';
import type { Role } from '@/core/attempt';
import { database } from './database';

export interface PersonView {
  id: number;
  name: string;
  role: Role;
}

/** Everybody who may work here: instructors first, then students by name. */
export async function listPeople(): Promise<PersonView[]> {
  const { Person } = database().models;
  const people = await Person.findAll({
    order: [
      ['role', 'ASC'],
      ['name', 'ASC'],
    ],
  });
  return people.map(({ id, name, role }) => ({ id, name, role }));
}

export async function findPerson(id: number): Promise<PersonView | null> {
  const { Person } = database().models;
  const person = await Person.findByPk(id);
  return person === null ? null : { id: person.id, name: person.name, role: person.role };
}
