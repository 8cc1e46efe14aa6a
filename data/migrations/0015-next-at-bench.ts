import type { QueryInterface } from 'sequelize';

/** What is next at the bench, so that its home reads summaries and no records. */
const STEPS: Record<string, string> = {
  'summaries tell what is next at the bench':
    'ALTER TABLE attempt_summaries ADD COLUMN IF NOT EXISTS next_at_bench TEXT NULL',
};

export const steps = Object.entries(STEPS).map(([name, sql]) => ({
  name,
  up: (queryInterface: QueryInterface) => queryInterface.sequelize.query(sql),
}));
