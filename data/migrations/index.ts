import type { QueryInterface } from 'sequelize';
import * as firstTables from './0001-first-tables';

interface Migration {
  up: (queryInterface: QueryInterface) => Promise<void>;
  down: (queryInterface: QueryInterface) => Promise<void>;
}

/** All migrations in their order. A landed one is never changed; a change is a new one. */
export const MIGRATIONS: Record<string, Migration> = { '0001-first-tables': firstTables };
