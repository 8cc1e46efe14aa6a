import { execFileSync } from 'node:child_process';

const root = process.cwd();
const env = { ...process.env, OYAKATA_ROOT: root };

function own(program: string, argument: string): number {
  const script = `. scripts/lib/common.sh; own_pid ${program} "${argument}"`;
  return Number(execFileSync('bash', ['-c', script], { env, cwd: root, encoding: 'utf8' }).trim());
}

/** For tests: kills the application's process, or the database's, in the middle of whatever it does. */
export function killServer(): void {
  process.kill(own('node', '--state=$STATE'), 'SIGKILL');
}

export function killDatabase(): void {
  process.kill(own('mariadbd', '--datadir=$STATE/mariadb'), 'SIGKILL');
}

export function start(): void {
  execFileSync('bash', ['scripts/start.sh'], { env, cwd: root });
}
