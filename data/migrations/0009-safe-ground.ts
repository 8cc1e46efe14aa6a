import type { QueryInterface } from 'sequelize';

/** Places of a device's entries are looked for with each entry; what is over is cleared by its time. */
const STEPS: Record<string, string> = {
  'places of a device':
    'CREATE INDEX IF NOT EXISTS places_of_device ON entries (attempt_id, device, sequence)',
  'sessions by their last use': 'CREATE INDEX IF NOT EXISTS last_use ON sessions (seen_at)',
  'a roster counts its changes':
    'ALTER TABLE classes ADD COLUMN IF NOT EXISTS roster_version INT NOT NULL DEFAULT 0',
  'a person counts the codes given':
    'ALTER TABLE people ADD COLUMN IF NOT EXISTS codes_given INT NOT NULL DEFAULT 0',
};

export const steps = Object.entries(STEPS).map(([name, sql]) => ({
  name,
  up: (queryInterface: QueryInterface) => queryInterface.sequelize.query(sql),
}));
