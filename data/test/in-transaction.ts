import type { Transaction } from 'sequelize';
import { database } from '../database';

/** For tests: runs something that needs a transaction in one of its own. */
export const inTransaction = <T>(run: (transaction: Transaction) => Promise<T>): Promise<T> =>
  database().sequelize.transaction(run);
