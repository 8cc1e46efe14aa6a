import 'server-only';
import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { spokenCode } from '@/core/people/spoken-code';

/** OWASP Password Storage Cheat Sheet: argon2id with 19 MiB, two passes, one lane. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/** A password or PIN as it is kept: argon2id with its own salt. */
export function hashSecret(secret: string): Promise<string> {
  return hash(secret, COST);
}

/** What is compared when there is nobody of that name, so that both take as long. */
let nobodys: Promise<string> | null = null;

/** Whether a secret is the one kept; takes as long when none is. */
export async function isSecret(kept: string | null, secret: string): Promise<boolean> {
  nobodys ??= hashSecret(randomBytes(16).toString('hex'));
  const right = await verify(kept ?? (await nobodys), secret);
  return kept !== null && right;
}

/** A code for people of so many characters. */
export function makeCode(length: number): string {
  return spokenCode(randomBytes(length * 8), length) ?? makeCode(length);
}

/** What is kept of a one-time code or a token: enough to know it again. */
export function hashOf(text: string): string {
  return createHash('sha256').update(text).digest('hex');
}
