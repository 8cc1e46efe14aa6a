import type { QueryInterface } from 'sequelize';

/** Threads with a fault to spot, and what students answered: both are only ever added to. */
const STEPS: Record<string, string> = {
  'puzzles table': `CREATE TABLE IF NOT EXISTS fault_puzzles (
    id INT AUTO_INCREMENT PRIMARY KEY,
    class_id INT NOT NULL REFERENCES classes (id),
    title VARCHAR(120) NOT NULL,
    document LONGTEXT NOT NULL,
    made_by_id INT NOT NULL REFERENCES people (id),
    made_at DATETIME(3) NOT NULL,
    KEY (class_id)
  ) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4`,
  'answers table': `CREATE TABLE IF NOT EXISTS fault_answers (
    id INT AUTO_INCREMENT PRIMARY KEY,
    puzzle_id INT NOT NULL REFERENCES fault_puzzles (id),
    student_id INT NOT NULL REFERENCES people (id),
    answer VARCHAR(40) NOT NULL,
    points INT NOT NULL,
    answered_at DATETIME(3) NOT NULL,
    UNIQUE KEY (puzzle_id, student_id)
  ) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4`,
  ...Object.fromEntries(
    ['fault_puzzles', 'fault_answers'].flatMap((table) =>
      ['UPDATE', 'DELETE'].map((action) => [
        `${table}: no ${action.toLowerCase()}`,
        `CREATE TRIGGER IF NOT EXISTS ${table}_no_${action.toLowerCase()} BEFORE ${action} ON ${table} FOR EACH ROW
           SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '${table} are append-only'`,
      ]),
    ),
  ),
};

export const steps = Object.entries(STEPS).map(([name, sql]) => ({
  name,
  up: (queryInterface: QueryInterface) => queryInterface.sequelize.query(sql),
}));
