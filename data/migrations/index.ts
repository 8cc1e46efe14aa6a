import type { QueryInterface } from 'sequelize';
import * as firstTables from './0001-first-tables';
import * as sessions from './0002-sessions';
import * as documents from './0003-documents';
import * as book from './0004-book';
import * as puzzles from './0005-fault-puzzles';
import * as people from './0006-people';
import * as floor from './0007-floor';
import * as outbox from './0008-outbox';
import * as safeGround from './0009-safe-ground';
import * as grants from './0010-grants';
import * as signIn from './0011-sign-in';
import * as phase from './0012-phase';
import * as changedAt from './0013-changed-at';
import * as lent from './0014-lent-exercises';
import * as nextAtBench from './0015-next-at-bench';

export interface MigrationStep {
  name: string;
  up: (queryInterface: QueryInterface) => Promise<unknown>;
}

/**
 * All migrations in their order, each as the steps that are noted one by one. The database commits every change of a
 * table at once, so a step must be one that can be repeated: a cut may fall between the step and its note.
 * A landed step keeps its name and its effect; a change is a new migration.
 */
export const MIGRATIONS: readonly MigrationStep[] = [
  { name: '0001-first-tables', up: firstTables.up },
  ...sessions.steps.map(({ name, up }) => ({ name: `0002-sessions: ${name}`, up })),
  ...documents.steps.map(({ name, up }) => ({ name: `0003-documents: ${name}`, up })),
  ...book.steps.map(({ name, up }) => ({ name: `0004-book: ${name}`, up })),
  ...puzzles.steps.map(({ name, up }) => ({ name: `0005-fault-puzzles: ${name}`, up })),
  ...people.steps.map(({ name, up }) => ({ name: `0006-people: ${name}`, up })),
  ...floor.steps.map(({ name, up }) => ({ name: `0007-floor: ${name}`, up })),
  ...outbox.steps.map(({ name, up }) => ({ name: `0008-outbox: ${name}`, up })),
  ...safeGround.steps.map(({ name, up }) => ({ name: `0009-safe-ground: ${name}`, up })),
  ...grants.steps.map(({ name, up }) => ({ name: `0010-grants: ${name}`, up })),
  ...signIn.steps.map(({ name, up }) => ({ name: `0011-sign-in: ${name}`, up })),
  ...phase.steps.map(({ name, up }) => ({ name: `0012-phase: ${name}`, up })),
  ...changedAt.steps.map(({ name, up }) => ({ name: `0013-changed-at: ${name}`, up })),
  ...lent.steps.map(({ name, up }) => ({ name: `0014-lent-exercises: ${name}`, up })),
  ...nextAtBench.steps.map(({ name, up }) => ({ name: `0015-next-at-bench: ${name}`, up })),
];
