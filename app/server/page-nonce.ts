import 'server-only';
import { headers } from 'next/headers';

/** The nonce that the scripts of this answer carry, from the policy that the door gave it. */
export async function pageNonce(): Promise<string | undefined> {
  return /'nonce-([^']+)'/.exec((await headers()).get('content-security-policy') ?? '')?.[1];
}
