import type { QueryInterface } from 'sequelize';

/** Where the work stands by name, beside the six states that boards count. */
const STEPS: Record<string, string> = {
  'summaries have a phase': 'ALTER TABLE attempt_summaries ADD COLUMN IF NOT EXISTS phase VARCHAR(20) NULL',
};

export const steps = Object.entries(STEPS).map(([name, sql]) => ({
  name,
  up: (queryInterface: QueryInterface) => queryInterface.sequelize.query(sql),
}));
