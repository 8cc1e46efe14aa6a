import fc from 'fast-check';
import { anyText } from '../../core/test/arbitrary-text';
import { sendRaw, type RawAnswer, type RawRequest } from './raw-request';
import { anySpoiling, spoilt } from '../../core/test/spoil';
import { targetsOf, type Ground, type Target } from './targets';

/** What a run came to. */
export interface HostileRun {
  sent: number;
  faults: string[];
  /** How many requests of each target got past the envelope: who asks, method, path, JSON and the shape of the body. */
  reached: Map<string, number>;
  longestMs: number;
}

/** Text that can stand in a request line or a header. */
const printable = anyText.map((text) => text.slice(0, 400).replace(/[^\x21-\x7e]/g, ''));

/** Who asks; the instructor mostly, since nobody else gets far. */
export interface Cookies {
  instructor: string;
  student: string;
}

/** A request to a target: as it should be, spoilt in one place of its body, or spoilt around it. */
function anyRequest(target: Target, { instructor, student }: Cookies): fc.Arbitrary<RawRequest> {
  const around = fc.record({
    cookie: fc.oneof(
      { weight: 10, arbitrary: fc.constant(instructor) },
      { weight: 1, arbitrary: fc.constantFrom(student, '') },
      { weight: 1, arbitrary: printable.map((text) => `${instructor.split('=')[0]}=${text.slice(0, 90)}`) },
    ),
    method: fc.oneof(
      { weight: 20, arbitrary: fc.constant<string>(target.method) },
      { weight: 1, arbitrary: fc.constantFrom('GET', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'HEAD') },
    ),
    type: fc.oneof(
      { weight: 20, arbitrary: fc.constant('application/json') },
      { weight: 1, arbitrary: fc.constantFrom('text/plain', '', 'multipart/form-data; boundary=x') },
    ),
    path: fc.oneof(
      { weight: 20, arbitrary: target.path },
      {
        weight: 1,
        arbitrary: fc
          .tuple(
            target.path,
            fc.oneof(printable, fc.constantFrom('%', '-1', '9'.repeat(30), '..', '%2e%2e', '[id]')),
          )
          .map(([path, number]) => path.replace(/\d+/, number)),
      },
    ),
    router: fc.option(
      fc.tuple(
        fc.constantFrom(
          'rsc',
          'next-action',
          'next-router-state-tree',
          'x-middleware-subrequest',
          'range',
          'accept',
        ),
        fc.oneof(printable, fc.constantFrom('1', '%5B%22%22%5D', '[]')),
      ),
      { freq: 12 },
    ),
    torn: fc.oneof({ weight: 30, arbitrary: fc.constant(0) }, { weight: 1, arbitrary: fc.nat(60) }),
    spoiling: fc.oneof({ weight: 2, arbitrary: fc.constant(null) }, { weight: 3, arbitrary: anySpoiling }),
  });
  return fc
    .tuple(target.body, around)
    .map(([good, { cookie, method, type, path, router, torn, spoiling }]) => {
      const text = JSON.stringify(spoiling === null ? good : spoilt(good, spoiling, target.inside)) ?? '';
      return {
        method,
        path,
        headers: {
          ...target.headers,
          cookie: [cookie, target.cookie ?? ''].filter((each) => each !== '').join('; '),
          ...(type === '' ? {} : { 'content-type': type }),
          ...(router === null ? {} : { [router[0]]: router[1] }),
        },
        body: method === 'GET' || method === 'HEAD' ? null : text.slice(0, text.length - torn),
      };
    });
}

/** Everything around a body by which it is refused before anything looks at what it says. */
const BEFORE = new Set([400, 401, 405, 413, 415]);
/** The parts of an envelope: a refusal that names one of them has not looked inside. */
const ENVELOPE = /^(id|device|sequence|after|deviceTime|format|content|attemptId)?$/;

/** Whether an answer shows that the request got past the envelope to what it was made for. */
function hasReached(target: Target, { method, path }: RawRequest, { status, text }: RawAnswer): boolean {
  if (method !== target.method || BEFORE.has(status) || /%|\.\.|\[id\]/.test(path)) return false;
  if (status !== 422) return status !== 404 || text.includes('"not-found"');
  const { error } = JSON.parse(text) as { error: { fields?: { field: string }[] } };
  return (
    !target.name.startsWith('entry: ') || (error.fields ?? []).some(({ field }) => !ENVELOPE.test(field))
  );
}

/** What is wrong with an answer, or null. */
function faultOf({ path }: RawRequest, { status, headers, text, ms }: RawAnswer): string | null {
  // “Not yet” is no error: what was sent may be of a later release.
  if (status >= 500 && !(status === 503 && text.includes('"later"'))) return `status ${status}`;
  // What hangs, not what is slow on a busy machine.
  if (ms > 20_000) return `answered after ${Math.round(ms)} ms`;
  if (headers['content-security-policy'] === undefined) return 'no security headers';
  if (!path.startsWith('/api/') || (status >= 300 && status < 400) || status === 204 || text === '')
    return null;
  if (!String(headers['content-type']).includes('json'))
    return status === 404 || status === 405 ? null : 'no JSON';
  const answer = JSON.parse(text) as { error?: { code?: unknown }; content?: { kind: string } };
  if (status >= 400) return typeof answer.error?.code === 'string' ? null : 'a refusal without a code';
  return /:(-?Infinity|NaN)\b/.test(text) ? 'a figure without end' : null;
}

/** Sends so many requests, shared out over the targets; the same seed sends the same. */
export async function sendHostile(
  port: number,
  ground: Ground,
  cookies: Cookies,
  { count, seed }: { count: number; seed: number },
): Promise<HostileRun> {
  const targets = targetsOf(ground);
  const unit = count / targets.reduce((sum, { times = 1 }) => sum + times, 0);
  const run: HostileRun = { sent: 0, faults: [], reached: new Map(), longestMs: 0 };
  for (const [index, target] of targets.entries()) {
    let reached = 0;
    for (const request of fc.sample(anyRequest(target, cookies), {
      numRuns: Math.ceil(unit * (target.times ?? 1)),
      seed: seed + index,
    })) {
      const sent = { ...request, headers: { host: `127.0.0.1:${port}`, ...request.headers } };
      const answer = await sendRaw(port, sent).catch((error: unknown): RawAnswer => {
        return { status: 599, headers: {}, text: String(error), ms: 0 };
      });
      run.sent += 1;
      run.longestMs = Math.max(run.longestMs, answer.ms);
      const fault = faultOf(sent, answer);
      if (fault !== null)
        run.faults.push(
          `${target.name}, ${fault}: ${answer.text.slice(0, 300)}\n  ${JSON.stringify(sent).slice(0, 2000)}`,
        );
      else if (hasReached(target, sent, answer)) reached += 1;
    }
    run.reached.set(target.name, reached);
  }
  return run;
}

/** What got past the envelope, a line each, the fewest first. */
export function reachOf({ sent, reached }: HostileRun): { share: number; lines: string[] } {
  const counts = [...reached].sort(([, one], [, other]) => one - other);
  const all = counts.reduce((sum, [, count]) => sum + count, 0);
  return { share: all / sent, lines: counts.map(([name, count]) => `${String(count).padStart(5)}  ${name}`) };
}
