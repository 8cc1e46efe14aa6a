import { QueryTypes, type QueryInterface } from 'sequelize';
import { has, refuseVersion1 } from './version-1';

const TABLE_END = 'ENGINE = InnoDB DEFAULT CHARSET = utf8mb4';

/** What the shop keeps; who is in which class; what was handed out, told and decided; and what persons have said. */
const TABLES: Record<string, string> = {
  memberships: `class_id INT NOT NULL REFERENCES classes (id),
    person_id INT NOT NULL REFERENCES people (id),
    role VARCHAR(20) NOT NULL CHECK (role IN ('instructor', 'helper', 'student')),
    PRIMARY KEY (class_id, person_id),
    KEY (person_id)`,
  shop: `id INT PRIMARY KEY CHECK (id = 1),
    time_zone VARCHAR(64) NOT NULL,
    words JSON NOT NULL`,
  shop_items: `id INT AUTO_INCREMENT PRIMARY KEY,
    kind VARCHAR(20) NOT NULL CHECK (kind IN ('lathe', 'tool', 'gauge')),
    archived_at DATETIME(3) NULL,
    created_at DATETIME(3) NOT NULL,
    KEY (kind)`,
  shop_revisions: `id INT AUTO_INCREMENT PRIMARY KEY,
    item_id INT NOT NULL REFERENCES shop_items (id),
    number INT NOT NULL,
    document JSON NOT NULL,
    issued_by_id INT NULL REFERENCES people (id),
    issued_at DATETIME(3) NOT NULL,
    UNIQUE (item_id, number)`,
  schemes: `id INT AUTO_INCREMENT PRIMARY KEY,
    content_hash CHAR(64) NOT NULL UNIQUE,
    document JSON NOT NULL`,
  sheets: `id INT AUTO_INCREMENT PRIMARY KEY,
    revision_id INT NOT NULL REFERENCES revisions (id),
    lathe_revision_id INT NOT NULL REFERENCES shop_revisions (id),
    content_hash CHAR(64) NOT NULL,
    document JSON NOT NULL,
    made_at DATETIME(3) NOT NULL,
    UNIQUE (revision_id, lathe_revision_id, content_hash)`,
  hand_outs: `id INT AUTO_INCREMENT PRIMARY KEY,
    exercise_id INT NOT NULL REFERENCES exercises (id),
    revision_id INT NOT NULL REFERENCES revisions (id),
    class_id INT NOT NULL REFERENCES classes (id),
    scheme_id INT NOT NULL REFERENCES schemes (id),
    handed_by_id INT NOT NULL REFERENCES people (id),
    handed_at DATETIME(3) NOT NULL,
    KEY (exercise_id)`,
  hand_out_sheets: `hand_out_id INT NOT NULL REFERENCES hand_outs (id),
    sheet_id INT NOT NULL REFERENCES sheets (id),
    PRIMARY KEY (hand_out_id, sheet_id)`,
  mark_decisions: `id INT AUTO_INCREMENT PRIMARY KEY,
    attempt_id INT NOT NULL REFERENCES attempts (id),
    number INT NOT NULL,
    mark JSON NOT NULL,
    total DECIMAL(7, 2) NOT NULL,
    decided_by_id INT NOT NULL REFERENCES people (id),
    decided_at DATETIME(3) NOT NULL,
    UNIQUE (attempt_id, number)`,
  texts: `owner VARCHAR(20) NOT NULL,
    owner_id VARCHAR(40) NOT NULL,
    path VARCHAR(140) NOT NULL,
    person_id INT NOT NULL REFERENCES people (id),
    body TEXT NULL,
    PRIMARY KEY (owner, owner_id, path),
    KEY (person_id)`,
  refused_entries: `id INT AUTO_INCREMENT PRIMARY KEY,
    client_id CHAR(36) NOT NULL,
    attempt_id INT NOT NULL REFERENCES attempts (id),
    author_id INT NOT NULL REFERENCES people (id),
    reason VARCHAR(500) NOT NULL,
    sent JSON NOT NULL,
    refused_at DATETIME(3) NOT NULL,
    KEY (attempt_id)`,
  attempt_summaries: `attempt_id INT PRIMARY KEY REFERENCES attempts (id),
    deriver INT NOT NULL,
    class_id INT NOT NULL,
    exercise_id INT NOT NULL,
    student_id INT NOT NULL,
    hand_out_id INT NOT NULL,
    scheme_id INT NOT NULL,
    try_number INT NOT NULL,
    sheet_id INT NULL,
    state VARCHAR(20) NOT NULL,
    lathe_name VARCHAR(80) NULL,
    passes_cut INT NOT NULL,
    step_title VARCHAR(120) NULL,
    entries INT NOT NULL,
    last_entry_at DATETIME(3) NULL,
    waits_for VARCHAR(20) NULL,
    final_size DOUBLE NULL,
    points DECIMAL(7, 2) NULL,
    passed TINYINT(1) NULL,
    decision INT NULL,
    KEY (class_id, exercise_id),
    KEY (exercise_id, student_id, try_number),
    KEY (student_id)`,
};

/** Rows that are never changed nor deleted; the database itself refuses it. */
const FROZEN = [
  'shop_revisions',
  'schemes',
  'sheets',
  'hand_outs',
  'hand_out_sheets',
  'mark_decisions',
  'refused_entries',
  'attempts',
];

type Run = (queryInterface: QueryInterface) => Promise<unknown>;
const sql =
  (statement: string): Run =>
  (queryInterface) =>
    queryInterface.sequelize.query(statement);

const STEPS: [string, Run][] = [
  ...Object.entries(TABLES).map(([table, columns]): [string, Run] => [
    `table ${table}`,
    sql(`CREATE TABLE IF NOT EXISTS ${table} (${columns}) ${TABLE_END}`),
  ]),
  [
    'a helper is a role too',
    sql(
      "ALTER TABLE people MODIFY role VARCHAR(20) NOT NULL CHECK (role IN ('instructor', 'helper', 'student'))",
    ),
  ],
  [
    'exercises show title and thread',
    sql(
      `ALTER TABLE exercises ADD COLUMN IF NOT EXISTS title VARCHAR(120) NOT NULL DEFAULT '',
      ADD COLUMN IF NOT EXISTS thread VARCHAR(120) NOT NULL DEFAULT '',
      ADD COLUMN IF NOT EXISTS revision INT NULL`,
    ),
  ],
  [
    'attempts belong to a hand-out',
    sql('ALTER TABLE attempts ADD COLUMN IF NOT EXISTS hand_out_id INT NULL REFERENCES hand_outs (id)'),
  ],
  [
    'entries have an envelope',
    sql(
      `ALTER TABLE entries ADD COLUMN IF NOT EXISTS author_role VARCHAR(20) NULL,
      ADD COLUMN IF NOT EXISTS device CHAR(36) NULL,
      ADD COLUMN IF NOT EXISTS sequence INT NULL,
      ADD COLUMN IF NOT EXISTS after_id CHAR(36) NULL,
      ADD COLUMN IF NOT EXISTS format INT NOT NULL DEFAULT 1,
      ADD COLUMN IF NOT EXISTS late TINYINT(1) NOT NULL DEFAULT 0`,
    ),
  ],
  [
    'the shop',
    sql(
      `INSERT IGNORE INTO shop (id, time_zone, words) VALUES (1, 'UTC',
        '{"format":"oyakata-words","version":1,"compound":"compound","crossSlide":"cross slide","halfNut":"half nut"}')`,
    ),
  ],
  ['memberships of version 1', membershipsOfVersion1],
  // Release 0.1 wrote them out here; what it would have had to write out is refused.
  ['lathes, sheets and schemes of version 1', refuseVersion1],
  ['lathes of drafts', refuseVersion1],
  ['titles of exercises', titlesOfExercises],
  ['decisions of version 1', decisionsOfVersion1],
  ['summaries of version 1', summariesOfVersion1],
  ['frozen rows', freezeRows],
  ['words can be taken out', letWordsBeTakenOut],
  // What the rows above hold now has no second place.
  ['marks are decisions', sql('DROP TABLE IF EXISTS marks')],
  ['enrolments are memberships', sql('DROP TABLE IF EXISTS enrolments')],
  ['instructors are members', dropInstructor],
];

/** Every step can be repeated, and each is noted when it is done, so that a cut leaves nothing half known. */
export const steps = STEPS.map(([name, up]) => ({ name, up }));

async function membershipsOfVersion1(queryInterface: QueryInterface): Promise<void> {
  const { sequelize } = queryInterface;
  if (await has(queryInterface, 'classes', 'instructor_id'))
    await sequelize.query(
      "INSERT IGNORE INTO memberships (class_id, person_id, role) SELECT id, instructor_id, 'instructor' FROM classes",
    );
  if (await has(queryInterface, 'enrolments', 'class_id'))
    await sequelize.query(
      "INSERT IGNORE INTO memberships (class_id, person_id, role) SELECT class_id, student_id, 'student' FROM enrolments",
    );
}

async function titlesOfExercises(queryInterface: QueryInterface): Promise<void> {
  await queryInterface.sequelize.query(
    `UPDATE exercises e LEFT JOIN revisions r ON r.exercise_id = e.id
        AND r.number = (SELECT MAX(number) FROM revisions WHERE exercise_id = e.id)
      SET e.revision = r.number,
        e.title = LEFT(COALESCE(JSON_VALUE(r.plan, '$.title'), JSON_VALUE(e.draft, '$.title'), ''), 120),
        e.thread = LEFT(COALESCE(JSON_VALUE(r.plan, '$.thread'), JSON_VALUE(e.draft, '$.thread'), ''), 120)`,
  );
}

async function decisionsOfVersion1(queryInterface: QueryInterface): Promise<void> {
  if (!(await has(queryInterface, 'marks', 'attempt_id'))) return;
  await queryInterface.sequelize.query(
    `INSERT IGNORE INTO mark_decisions (attempt_id, number, mark, total, decided_by_id, decided_at)
      SELECT attempt_id, 1, mark, total, marked_by_id, marked_at FROM marks ORDER BY marked_at`,
  );
}

/** With the deriver 0, so that the start makes them anew by the record. */
async function summariesOfVersion1(queryInterface: QueryInterface): Promise<void> {
  await queryInterface.sequelize.query(
    `INSERT IGNORE INTO attempt_summaries (attempt_id, deriver, class_id, exercise_id, student_id, hand_out_id, scheme_id,
        try_number, state, passes_cut, entries, points, passed, decision)
      SELECT a.id, 0, h.class_id, h.exercise_id, a.student_id, h.id, h.scheme_id, a.try_number, 'not-begun', 0, 0, d.total,
        d.total >= 50, d.number
      FROM attempts a JOIN hand_outs h ON h.id = a.hand_out_id LEFT JOIN mark_decisions d ON d.attempt_id = a.id`,
  );
}

async function freezeRows(queryInterface: QueryInterface): Promise<void> {
  for (const table of FROZEN)
    for (const action of ['UPDATE', 'DELETE'])
      await queryInterface.sequelize.query(
        `CREATE TRIGGER IF NOT EXISTS ${table}_no_${action.toLowerCase()} BEFORE ${action} ON ${table} FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '${table} are append-only'`,
      );
}

/** Rows in which a person's words stood before they had a table of their own: only whoever forgets a person may touch them. */
const WITH_WORDS = ['entries', 'mark_decisions', 'refused_entries'];

async function letWordsBeTakenOut(queryInterface: QueryInterface): Promise<void> {
  for (const table of WITH_WORDS)
    await queryInterface.sequelize.query(
      `CREATE OR REPLACE TRIGGER ${table}_no_update BEFORE UPDATE ON ${table} FOR EACH ROW
       IF COALESCE(@oyakata_forgets, 0) <> 1 THEN
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '${table} are append-only';
       END IF`,
    );
}

async function dropInstructor(queryInterface: QueryInterface): Promise<void> {
  const { sequelize } = queryInterface;
  const keys = await sequelize.query<{ name: string }>(
    `SELECT CONSTRAINT_NAME AS name FROM information_schema.KEY_COLUMN_USAGE
      WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = 'classes' AND COLUMN_NAME = 'instructor_id'
        AND REFERENCED_TABLE_NAME IS NOT NULL`,
    { type: QueryTypes.SELECT },
  );
  for (const { name } of keys) await sequelize.query(`ALTER TABLE classes DROP FOREIGN KEY ${name}`);
  await sequelize.query('ALTER TABLE classes DROP COLUMN IF EXISTS instructor_id');
}
