import type { QueryInterface } from 'sequelize';

/** Work-holding and materials are things of the shop too. The rule of the column is written anew, so it can be repeated. */
const STEPS: Record<string, string> = {
  'kinds of things':
    "ALTER TABLE shop_items MODIFY kind VARCHAR(20) NOT NULL CHECK (kind IN ('lathe', 'tool', 'gauge', 'holding', 'material'))",
};

export const steps = Object.entries(STEPS).map(([name, sql]) => ({
  name,
  up: (queryInterface: QueryInterface) => queryInterface.sequelize.query(sql),
}));
