import { randomBytes } from 'node:crypto';
import type { QueryInterface } from 'sequelize';

const TABLE_END = 'ENGINE = InnoDB DEFAULT CHARSET = utf8mb4';

/**
 * A bench's grant is one of several on the account page, bound to its browser, and knows by which seal the entries are
 * closed that its maker left behind. The keys of seals follow from one secret, which stays with the book.
 */
const STEPS: Record<string, string> = {
  'grants are numbered, bound and sealed': `ALTER TABLE device_grants
    ADD COLUMN IF NOT EXISTS id INT NOT NULL AUTO_INCREMENT UNIQUE,
    ADD COLUMN IF NOT EXISTS seal CHAR(36) NULL UNIQUE,
    ADD COLUMN IF NOT EXISTS bound_hash CHAR(64) NULL,
    ADD COLUMN IF NOT EXISTS used_on VARCHAR(120) NOT NULL DEFAULT '',
    ADD COLUMN IF NOT EXISTS sent_at DATETIME(3) NULL`,
  'grants by their browser': 'CREATE INDEX IF NOT EXISTS bound ON device_grants (bound_hash)',
  'book keys table': `CREATE TABLE IF NOT EXISTS book_keys (
    name VARCHAR(20) PRIMARY KEY,
    secret CHAR(64) NOT NULL
  ) ${TABLE_END}`,
  'staff sign with their own session': `UPDATE device_grants SET ended_at = NOW(3) WHERE ended_at IS NULL AND person_id NOT IN
    (SELECT person_id FROM memberships WHERE role = 'student' AND archived_at IS NULL)`,
};

export const steps = [
  ...Object.entries(STEPS).map(([name, sql]) => ({
    name,
    up: (queryInterface: QueryInterface): Promise<unknown> => queryInterface.sequelize.query(sql),
  })),
  {
    name: 'the key of seals',
    up: (queryInterface: QueryInterface): Promise<unknown> =>
      queryInterface.sequelize.query("INSERT IGNORE INTO book_keys (name, secret) VALUES ('seal', ?)", {
        replacements: [randomBytes(32).toString('hex')],
      }),
  },
];
