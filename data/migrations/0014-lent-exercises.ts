import type { QueryInterface } from 'sequelize';

/** An exercise that was lent from another class is a copy that says so: from which class, as it was called then. */
const STEPS: Record<string, string> = {
  'exercises tell from where they were lent':
    'ALTER TABLE exercises ADD COLUMN IF NOT EXISTS lent_from VARCHAR(120) NULL',
};

export const steps = Object.entries(STEPS).map(([name, sql]) => ({
  name,
  up: (queryInterface: QueryInterface) => queryInterface.sequelize.query(sql),
}));
