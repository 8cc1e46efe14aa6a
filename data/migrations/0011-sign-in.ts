import type { QueryInterface } from 'sequelize';

const TABLE_END = 'ENGINE = InnoDB DEFAULT CHARSET = utf8mb4';

/**
 * Wrong tries are counted apart for a browser that has signed in before and for strangers; sessions say when the secret
 * was given last; a second factor; and what the shop asks of those who mark.
 */
const STEPS: Record<string, string> = {
  'browsers known table': `CREATE TABLE IF NOT EXISTS known_browsers (
    browser_hash CHAR(64) NOT NULL,
    person_id INT NOT NULL REFERENCES people (id),
    known_at DATETIME(3) NOT NULL,
    PRIMARY KEY (browser_hash, person_id)
  ) ${TABLE_END}`,
  'wrong tries of somebody':
    'ALTER TABLE failed_tries ADD COLUMN IF NOT EXISTS person_id INT NULL, ADD COLUMN IF NOT EXISTS stranger TINYINT(1) NOT NULL DEFAULT 0',
  'wrong tries by person': 'CREATE INDEX IF NOT EXISTS tries_of ON failed_tries (person_id, tried_at)',
  'second factors table': `CREATE TABLE IF NOT EXISTS second_factors (
    person_id INT PRIMARY KEY REFERENCES people (id),
    secret VARCHAR(64) NOT NULL,
    made_at DATETIME(3) NOT NULL,
    confirmed_at DATETIME(3) NULL,
    last_step INT NOT NULL DEFAULT 0
  ) ${TABLE_END}`,
  'what the shop asks of those who mark': `ALTER TABLE shop ADD COLUMN IF NOT EXISTS idle_minutes INT NOT NULL DEFAULT 30,
    ADD COLUMN IF NOT EXISTS second_factor TINYINT(1) NOT NULL DEFAULT 0`,
};

export const steps = Object.entries(STEPS).map(([name, sql]) => ({
  name,
  up: (queryInterface: QueryInterface) => queryInterface.sequelize.query(sql),
}));
