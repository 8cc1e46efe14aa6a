import type { Sequelize } from 'sequelize';
import { Person } from './person';
import { SchoolClass } from './school-class';
import { Membership } from './membership';
import { SessionRow } from './session-row';

/** Binds the models to a connection; called once by `database()`. What is read for views and records is asked in SQL. */
export function defineModels(sequelize: Sequelize) {
  for (const model of [Person, SchoolClass, Membership, SessionRow]) model.define(sequelize);
  return { Person, SchoolClass, Membership, SessionRow };
}

export type Models = ReturnType<typeof defineModels>;
