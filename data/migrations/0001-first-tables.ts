import type { QueryInterface } from 'sequelize';

const TABLES = [
  `CREATE TABLE IF NOT EXISTS people (
    id INT AUTO_INCREMENT PRIMARY KEY,
    name VARCHAR(120) NOT NULL,
    role VARCHAR(20) NOT NULL CHECK (role IN ('instructor', 'student'))
  )`,
  `CREATE TABLE IF NOT EXISTS classes (
    id INT AUTO_INCREMENT PRIMARY KEY,
    name VARCHAR(120) NOT NULL,
    instructor_id INT NOT NULL REFERENCES people (id)
  )`,
  `CREATE TABLE IF NOT EXISTS enrolments (
    class_id INT NOT NULL REFERENCES classes (id),
    student_id INT NOT NULL REFERENCES people (id),
    PRIMARY KEY (class_id, student_id)
  )`,
  `CREATE TABLE IF NOT EXISTS exercises (
    id INT AUTO_INCREMENT PRIMARY KEY,
    class_id INT NOT NULL REFERENCES classes (id),
    draft JSON NOT NULL,
    draft_version INT NOT NULL DEFAULT 0,
    created_at DATETIME(3) NOT NULL,
    updated_at DATETIME(3) NOT NULL
  )`,
  `CREATE TABLE IF NOT EXISTS revisions (
    id INT AUTO_INCREMENT PRIMARY KEY,
    exercise_id INT NOT NULL REFERENCES exercises (id),
    number INT NOT NULL,
    plan JSON NOT NULL,
    issued_by_id INT NOT NULL REFERENCES people (id),
    issued_at DATETIME(3) NOT NULL,
    UNIQUE (exercise_id, number)
  )`,
  `CREATE TABLE IF NOT EXISTS attempts (
    id INT AUTO_INCREMENT PRIMARY KEY,
    revision_id INT NOT NULL REFERENCES revisions (id),
    student_id INT NOT NULL REFERENCES people (id),
    try_number INT NOT NULL,
    created_at DATETIME(3) NOT NULL,
    UNIQUE (revision_id, student_id, try_number)
  )`,
  `CREATE TABLE IF NOT EXISTS entries (
    seq BIGINT AUTO_INCREMENT PRIMARY KEY,
    client_id CHAR(36) NOT NULL UNIQUE,
    attempt_id INT NOT NULL REFERENCES attempts (id),
    author_id INT NOT NULL REFERENCES people (id),
    content JSON NOT NULL,
    device_time DATETIME(3) NOT NULL,
    server_time DATETIME(3) NOT NULL,
    KEY (attempt_id, seq)
  )`,
  `CREATE TABLE IF NOT EXISTS marks (
    attempt_id INT PRIMARY KEY REFERENCES attempts (id),
    mark JSON NOT NULL,
    total DECIMAL(5, 1) NOT NULL,
    marked_by_id INT NOT NULL REFERENCES people (id),
    marked_at DATETIME(3) NOT NULL
  )`,
];

/** Tables whose rows are never changed nor deleted; the database itself refuses it. */
const FROZEN = ['revisions', 'entries', 'marks'];

/** Can be repeated: a first start that was cut off goes on from where it came to. */
export async function up(queryInterface: QueryInterface): Promise<void> {
  for (const table of TABLES) {
    await queryInterface.sequelize.query(`${table} ENGINE = InnoDB DEFAULT CHARSET = utf8mb4`);
  }
  for (const table of FROZEN) {
    for (const action of ['UPDATE', 'DELETE']) {
      await queryInterface.sequelize.query(
        `CREATE TRIGGER IF NOT EXISTS ${table}_no_${action.toLowerCase()} BEFORE ${action} ON ${table} FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '${table} are append-only'`,
      );
    }
  }
}
