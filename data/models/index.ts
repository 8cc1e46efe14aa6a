import type { Sequelize } from 'sequelize';
import { Attempt } from './attempt';
import { Enrolment, SchoolClass } from './school-class';
import { EntryRow } from './entry-row';
import { Exercise } from './exercise';
import { MarkRow } from './mark-row';
import { Person } from './person';
import { Revision } from './revision';
import { SessionRow } from './session-row';

/** Binds the models to a connection; called once by `database()`. */
export function defineModels(sequelize: Sequelize) {
  for (const model of [
    Person,
    SchoolClass,
    Enrolment,
    Exercise,
    Revision,
    Attempt,
    EntryRow,
    MarkRow,
    SessionRow,
  ]) {
    model.define(sequelize);
  }
  return { Person, SchoolClass, Enrolment, Exercise, Revision, Attempt, EntryRow, MarkRow, SessionRow };
}

export type Models = ReturnType<typeof defineModels>;

export { Attempt, Enrolment, EntryRow, Exercise, MarkRow, Person, Revision, SchoolClass, SessionRow };
