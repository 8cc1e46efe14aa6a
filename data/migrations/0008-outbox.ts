import type { QueryInterface } from 'sequelize';

const TABLE_END = 'ENGINE = InnoDB DEFAULT CHARSET = utf8mb4';

/**
 * What a bench keeps while there is no server, and sends later: under a grant of its maker, in the order of its device.
 * An entry that was refused has its place in that order too.
 */
const STEPS: Record<string, string> = {
  'device grants table': `CREATE TABLE IF NOT EXISTS device_grants (
    token_hash CHAR(64) PRIMARY KEY,
    person_id INT NOT NULL REFERENCES people (id),
    device CHAR(36) NOT NULL,
    granted_at DATETIME(3) NOT NULL,
    ended_at DATETIME(3) NULL,
    KEY (person_id, device)
  ) ${TABLE_END}`,
  'bench devices table': `CREATE TABLE IF NOT EXISTS bench_devices (
    attempt_id INT NOT NULL REFERENCES attempts (id),
    device CHAR(36) NOT NULL,
    held INT NOT NULL,
    heard_at DATETIME(3) NOT NULL,
    PRIMARY KEY (attempt_id, device)
  ) ${TABLE_END}`,
  'refused entries have their place': `ALTER TABLE refused_entries ADD COLUMN IF NOT EXISTS device CHAR(36) NULL,
    ADD COLUMN IF NOT EXISTS sequence INT NULL`,
  'places of the refused':
    'CREATE INDEX IF NOT EXISTS places_taken ON refused_entries (attempt_id, device, sequence)',
};

export const steps = Object.entries(STEPS).map(([name, sql]) => ({
  name,
  up: (queryInterface: QueryInterface) => queryInterface.sequelize.query(sql),
}));
