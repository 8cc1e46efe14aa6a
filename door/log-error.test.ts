import { logError } from './log-error';

test('a failed statement leaves no value of it in the log', () => {
  const error = Object.assign(
    new Error(
      "(conn:66, no: 1143, SQLState: 42000) UPDATE command denied\nsql: INSERT INTO credentials VALUES (15, '$argon2id$secret\nword')\n ON DUP... - parameters:['x']",
    ),
    { sql: "INSERT '$argon2id$secret'", parent: { sql: '$argon2id$secret' }, errno: 1143 },
  );
  const line = logError(error);
  expect(JSON.stringify(line)).not.toMatch(/argon2id|secret|word/);
  expect(line).toMatchObject({
    type: 'Error',
    message: '(conn:66, no: 1143, SQLState: 42000) UPDATE command denied',
    errno: 1143,
  });
  expect((line as { stack: string }).stack).toContain('log-error.test');
});
