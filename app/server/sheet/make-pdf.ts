import 'server-only';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { InTurn } from './in-turn';
import type { PdfMade, PdfOrder } from './pdf-worker';

/**
 * Making a sheet takes about 0.15 s, with a new thread about 0.8 s. A thread that needs longer than this is ended. It is
 * counted by this server's own beats: a machine that stood still for a while has done nothing in it, and counts one.
 */
const PATIENCE_BEATS = 20;
const BEAT_MS = 1000;
/** A thread that has had nothing to do for this long is ended. */
const REST_MS = 60_000;

interface Maker {
  turns: InTurn;
  worker: Worker | null;
  rest: NodeJS.Timeout | undefined;
}

/**
 * Next.js may load this module more than once in one process. The worker thread must exist only once, so it is kept
 * on the global object.
 */
const shared = globalThis as typeof globalThis & { oyakataPdf?: Maker };
const maker = (): Maker => (shared.oyakataPdf ??= { turns: new InTurn(), worker: null, rest: undefined });

/** Makes a set-up sheet for somebody, in a thread of its own; null when too many are waited for. */
export function makePdf(personId: number, order: PdfOrder): Promise<Uint8Array<ArrayBuffer> | null> {
  return maker().turns.do(personId, () => made(order));
}

async function made(order: PdfOrder): Promise<Uint8Array<ArrayBuffer>> {
  const all = maker();
  clearTimeout(all.rest);
  const worker = (all.worker ??= newWorker(all));
  try {
    const answer = await answered(worker, order);
    if ('failed' in answer) throw new Error(answer.failed);
    return new Uint8Array(answer.pdf);
  } catch (error) {
    // Its state is not known, so the next sheet gets a new thread.
    all.worker = null;
    void worker.terminate();
    throw error;
  } finally {
    all.rest = setTimeout(() => {
      void all.worker?.terminate();
      all.worker = null;
    }, REST_MS);
    all.rest.unref();
  }
}

function newWorker(all: Maker): Worker {
  const worker = new Worker(join(/* turbopackIgnore: true */ process.cwd(), 'pdf-worker.mjs'), {
    resourceLimits: { maxOldGenerationSizeMb: 256 },
  });
  worker.unref();
  // One that ends while it has nothing to do harms nobody: the next sheet gets a new thread.
  worker.on('error', () => undefined);
  worker.on('exit', () => {
    if (all.worker === worker) all.worker = null;
  });
  return worker;
}

function answered(worker: Worker, order: PdfOrder): Promise<PdfMade> {
  return new Promise((resolve, reject) => {
    const end = (how: () => void) => {
      clearInterval(timer);
      worker.off('message', took).off('error', failed).off('exit', gone);
      how();
    };
    const took = (answer: PdfMade) => end(() => resolve(answer));
    const failed = (error: Error) => end(() => reject(error));
    const gone = () => end(() => reject(new Error('The thread that makes the sheets has ended.')));
    let beats = 0;
    const timer = setInterval(() => {
      beats += 1;
      if (beats === PATIENCE_BEATS) end(() => reject(new Error('The sheet was not made in time.')));
    }, BEAT_MS);
    worker.on('message', took).on('error', failed).on('exit', gone);
    worker.postMessage(order);
  });
}
