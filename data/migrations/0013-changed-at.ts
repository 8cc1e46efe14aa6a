import type { QueryInterface } from 'sequelize';

/** When a summary changed last, so that news asks for what changed and not for every piece there ever was. */
const STEPS: Record<string, string> = {
  'summaries tell when they changed': `ALTER TABLE attempt_summaries ADD COLUMN IF NOT EXISTS
    changed_at TIMESTAMP(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3) ON UPDATE CURRENT_TIMESTAMP(3)`,
  'what changed is found by an index':
    'CREATE INDEX IF NOT EXISTS changed ON attempt_summaries (class_id, changed_at, attempt_id, student_id, version)',
  'versions of whole classes are asked for no more': 'DROP INDEX IF EXISTS versions ON attempt_summaries',
};

export const steps = Object.entries(STEPS).map(([name, sql]) => ({
  name,
  up: (queryInterface: QueryInterface) => queryInterface.sequelize.query(sql),
}));
