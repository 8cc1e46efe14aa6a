import 'server-only';
import type { Logger } from 'pino';
import type { Outcome } from '@/data/outcome';
import { addressOf } from './address';

/** The log of who came in and who was turned away, which the door has opened (door/main.ts). */
const shared = globalThis as typeof globalThis & {
  oyakataSignInLog?: { write: Pick<Logger, 'info'>; refused: (kind: string, line: object) => void };
};

/** Notes that somebody has signed in or out, or that what allows it was changed: a line that traffic can not push out. */
export function noteSignIn(request: Request, what: string, personId: number | null): void {
  shared.oyakataSignInLog?.write.info({ what, personId, from: addressOf(request) });
}

/** The same of an outcome; refusals are limited, since anybody can cause them. */
export function noteOutcome<T>(
  request: Request,
  what: string,
  personId: number | null,
  outcome: Outcome<T>,
): Outcome<T> {
  if ('done' in outcome) noteSignIn(request, what, personId);
  else {
    const from = addressOf(request);
    const { code } = outcome.refused;
    shared.oyakataSignInLog?.refused(`${from} ${code}`, { what, personId, from, refused: code });
  }
  return outcome;
}
