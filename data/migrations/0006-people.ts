import { randomBytes } from 'node:crypto';
import { QueryTypes, type QueryInterface } from 'sequelize';

const TABLE_END = 'ENGINE = InnoDB DEFAULT CHARSET = utf8mb4';
/** How long a class's code is and which characters it has. They stay as they are here: a migration never changes. */
const CODE_LENGTH = 6;
const CODE_ALPHABET = '34679ACDEFGHJKMNPQRTWXY';

/** Bytes from 253 up (11 times 23) are passed over, so that each character is as likely as any other. */
function randomCode(): string {
  const bytes = [...randomBytes(64)].filter((byte) => byte < 253).slice(0, CODE_LENGTH);
  return bytes.map((byte) => CODE_ALPHABET[byte % CODE_ALPHABET.length]).join('');
}

/** Who may sign in and how, what was tried, and classes with a code and an end. */
const STEPS: Record<string, string> = {
  'credentials table': `CREATE TABLE IF NOT EXISTS credentials (
    person_id INT PRIMARY KEY REFERENCES people (id),
    kind VARCHAR(20) NOT NULL CHECK (kind IN ('password', 'pin')),
    sign_in_name VARCHAR(80) NULL UNIQUE,
    secret_hash VARCHAR(255) NOT NULL,
    demo TINYINT(1) NOT NULL DEFAULT 0,
    set_at DATETIME(3) NOT NULL
  ) ${TABLE_END}`,
  'one-time codes table': `CREATE TABLE IF NOT EXISTS one_time_codes (
    code_hash CHAR(64) PRIMARY KEY,
    person_id INT NOT NULL REFERENCES people (id),
    kind VARCHAR(20) NOT NULL CHECK (kind IN ('password', 'pin')),
    issued_by_id INT NULL REFERENCES people (id),
    issued_at DATETIME(3) NOT NULL,
    expires_at DATETIME(3) NOT NULL,
    used_at DATETIME(3) NULL,
    KEY (person_id)
  ) ${TABLE_END}`,
  'failed tries table': `CREATE TABLE IF NOT EXISTS failed_tries (
    id INT AUTO_INCREMENT PRIMARY KEY,
    at_what CHAR(64) NOT NULL,
    tried_at DATETIME(3) NOT NULL,
    KEY (at_what, tried_at),
    KEY (tried_at)
  ) ${TABLE_END}`,
  'classes have a code and an end':
    'ALTER TABLE classes ADD COLUMN IF NOT EXISTS code CHAR(6) NULL UNIQUE, ADD COLUMN IF NOT EXISTS archived_at DATETIME(3) NULL',
  'memberships have an end': 'ALTER TABLE memberships ADD COLUMN IF NOT EXISTS archived_at DATETIME(3) NULL',
  'sessions are numbered and say on what': `ALTER TABLE sessions ADD COLUMN IF NOT EXISTS id INT NOT NULL AUTO_INCREMENT UNIQUE,
    ADD COLUMN IF NOT EXISTS used_on VARCHAR(120) NOT NULL DEFAULT ''`,
};

/** A code for each class that has none. */
async function codes(queryInterface: QueryInterface): Promise<void> {
  const classes = await queryInterface.sequelize.query<{ id: number }>(
    'SELECT id FROM classes WHERE code IS NULL',
    { type: QueryTypes.SELECT },
  );
  for (const { id } of classes)
    await queryInterface.sequelize.query('UPDATE classes SET code = ? WHERE id = ?', {
      replacements: [randomCode(), id],
    });
}

export const steps = [
  ...Object.entries(STEPS).map(([name, sql]) => ({
    name,
    up: (queryInterface: QueryInterface): Promise<unknown> => queryInterface.sequelize.query(sql),
  })),
  { name: 'a code for each class', up: codes },
];
