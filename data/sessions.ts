import 'server-only';
import { createHash, randomBytes } from 'node:crypto';
import { database } from './database';
import type { PersonView } from './people';

/** A session that was not used for so long is over. */
const IDLE_DAYS = 30;
/** How exactly the last use is noted: one write an hour is enough. */
const SEEN_EVERY_MS = 3_600_000;
/** 32 bytes in base64url. */
const TOKEN = /^[A-Za-z0-9_-]{43}$/;

const hashOf = (token: string) => createHash('sha256').update(token).digest('hex');

/** Begins a session and returns its token: 256 random bits, known to the browser only. */
export async function openSession(personId: number): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  const now = new Date();
  await database().models.SessionRow.create({
    tokenHash: hashOf(token),
    personId,
    openedAt: now,
    seenAt: now,
    endedAt: null,
  });
  return token;
}

/** Who works under a token; null when it is unknown, ended, idle for too long, or no token at all. */
export async function personOfSession(token: string): Promise<PersonView | null> {
  if (!TOKEN.test(token)) return null;
  const { SessionRow, Person } = database().models;
  const session = await SessionRow.findByPk(hashOf(token));
  if (session === null || session.endedAt !== null) return null;
  const idleMs = Date.now() - session.seenAt.getTime();
  if (idleMs > IDLE_DAYS * 86_400_000) return null;
  // Noted by the way: on a full disk the page must be shown all the same.
  if (idleMs > SEEN_EVERY_MS) await session.update({ seenAt: new Date() }).catch(() => undefined);
  const person = await Person.findByPk(session.personId);
  return person === null ? null : { id: person.id, name: person.name, role: person.role };
}

/** Ends a session on the server: whoever still holds its cookie holds nothing. */
export async function endSession(token: string): Promise<void> {
  if (!TOKEN.test(token)) return;
  await database().models.SessionRow.update(
    { endedAt: new Date() },
    { where: { tokenHash: hashOf(token), endedAt: null } },
  );
}
