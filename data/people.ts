import 'server-only';
import { FORGOTTEN_NAME } from '@/core/people/person-name';
import type { DemoAccount } from '@/core/people/account';
import type { Role } from '@/core/people/role';
import { rowOf, rowsOf } from './query';

export interface PersonView {
  id: number;
  name: string;
  /**
   * The highest role that the person has in any class (instructor, helper, student). It decides which links the pages
   * show.
   */
  role: Role;
  /** The shop demands a second factor, and this person has none yet: nothing is done before it is set up. */
  unsecured?: true;
}

const ROLE = `(SELECT m.role FROM memberships m WHERE m.person_id = p.id AND m.archived_at IS NULL
  ORDER BY FIELD(m.role, 'instructor', 'helper', 'student') LIMIT 1)`;

/** A person who belongs to some class; whoever left all of them is nobody here. */
export function findPerson(id: number): Promise<PersonView | null> {
  return rowOf<PersonView>(
    `SELECT p.id, p.name, ${ROLE} AS role FROM people p WHERE p.id = ? AND ${ROLE} IS NOT NULL`,
    [id],
  );
}

/** The demo's accounts, for the sign-in page; none when there is no demo shop, or where the secret was changed. */
export function demoAccounts(): Promise<DemoAccount[]> {
  return rowsOf<DemoAccount>(
    `SELECT p.id, p.name, ${ROLE} AS role, c.sign_in_name AS signInName,
        (SELECT k.code FROM memberships m JOIN classes k ON k.id = m.class_id
          WHERE m.person_id = p.id AND m.archived_at IS NULL ORDER BY k.id LIMIT 1) AS classCode
      FROM credentials c JOIN people p ON p.id = c.person_id
      WHERE c.demo = 1 AND ${ROLE} IS NOT NULL AND p.name <> '${REMOVED}'
      ORDER BY FIELD(${ROLE}, 'instructor', 'helper', 'student'), p.name`,
  );
}

/** What stays of a name that was taken out. */
export const REMOVED = FORGOTTEN_NAME;
