import { createInterface } from 'node:readline';
import { calc } from '@/core/outside/calc/calc';

/** ./oyakata calc KIND 'JSON', or one request a line on standard input. */
const [kind = '', json] = process.argv.slice(2);
if (json !== undefined) {
  const { ok, answer } = calc(kind, json);
  process.stdout.write(`${JSON.stringify(answer)}\n`);
  process.exitCode = ok ? 0 : 2;
} else {
  for await (const line of createInterface({ input: process.stdin })) {
    if (line.trim() !== '') process.stdout.write(`${JSON.stringify(calc(kind, line).answer)}\n`);
  }
}
