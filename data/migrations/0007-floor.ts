import type { QueryInterface } from 'sequelize';

/**
 * What the floor shows of an attempt, and a version that goes up with every change of its summary: whoever watches asks
 * for the versions of a class, which the index alone answers.
 */
const STEPS: Record<string, string> = {
  'summaries have a version and a floor': `ALTER TABLE attempt_summaries
    ADD COLUMN IF NOT EXISTS version INT NOT NULL DEFAULT 0, ADD COLUMN IF NOT EXISTS floor LONGTEXT NULL`,
  'versions of a class':
    'CREATE INDEX IF NOT EXISTS versions ON attempt_summaries (class_id, attempt_id, student_id, version)',
};

export const steps = Object.entries(STEPS).map(([name, sql]) => ({
  name,
  up: (queryInterface: QueryInterface) => queryInterface.sequelize.query(sql),
}));
