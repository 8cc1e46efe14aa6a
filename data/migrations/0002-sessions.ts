import type { QueryInterface } from 'sequelize';

/** Sessions as rows, which the server can end; and the id of a draft's last save, by which it knows a repeated one. */
const STEPS: Record<string, string> = {
  'sessions table': `CREATE TABLE IF NOT EXISTS sessions (
    token_hash CHAR(64) PRIMARY KEY,
    person_id INT NOT NULL REFERENCES people (id),
    opened_at DATETIME(3) NOT NULL,
    seen_at DATETIME(3) NOT NULL,
    ended_at DATETIME(3) NULL,
    KEY (seen_at)
  ) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4`,
  'draft save id': 'ALTER TABLE exercises ADD COLUMN IF NOT EXISTS draft_save_id CHAR(36) NULL',
};

/** Every step can be repeated, and each is noted when it is done, so that a cut leaves nothing half known. */
export const steps = Object.entries(STEPS).map(([name, sql]) => ({
  name,
  up: (queryInterface: QueryInterface) => queryInterface.sequelize.query(sql),
}));
