import { createServer, type Socket } from 'node:net';
import { BEGINNERS, simulatedLine } from '../core/measuring/gauge-line/simulate-gauge';
import { LONGEST_LINE } from '../core/measuring/gauge-line/read-gauge-line';
import { parseLength } from '../core/base/units/parse-length';

/**
 * A stand-in for a micrometer with an interface: on a TCP port of loopback, or on standard input and output without one.
 * A line with a true size, such as `0.7595 in`, is answered by what a beginner reads off it.
 */
const MOST_AT_ONCE = 20;

function answer(line: string): string {
  const read = line.length > LONGEST_LINE ? null : parseLength('size', line, 'mm');
  if (read?.ok !== true) return 'ERR a size such as 16.523 mm or 0.7595 in';
  const { given } = read.value;
  return simulatedLine(BEGINNERS[given.unit], given.value, Math.random);
}

/** Calls with every line of a stream; what is longer than a line can be is thrown away. */
function lines(stream: NodeJS.ReadableStream, onLine: (line: string) => void): void {
  let rest = '';
  stream.setEncoding('utf8');
  stream.on('data', (part: string) => {
    const parted = (rest + part).split(/\r?\n/);
    rest = (parted.pop() ?? '').slice(-2 * LONGEST_LINE);
    parted.filter((line) => line.trim() !== '').forEach(onLine);
  });
}

const [typed] = process.argv.slice(2);
if (typed === undefined) {
  lines(process.stdin, (line) => console.log(answer(line)));
} else {
  const port = /^\d{1,5}$/.test(typed) ? Number(typed) : NaN;
  if (!(port >= 1024 && port <= 65_535)) {
    console.error('oyakata gauge: name a port from 1024 to 65535, or none for standard input.');
    process.exit(2);
  }
  const server = createServer((socket: Socket) => {
    socket.on('error', () => socket.destroy());
    lines(socket, (line) => socket.write(`${answer(line)}\r\n`));
  });
  server.maxConnections = MOST_AT_ONCE;
  server.on('error', (error: NodeJS.ErrnoException) => {
    console.error(error.code === 'EADDRINUSE' ? `oyakata gauge: port ${port} is taken.` : error.message);
    process.exit(1);
  });
  server.listen(port, '127.0.0.1', () => console.log(`Simulated micrometer on 127.0.0.1:${port}`));
}
