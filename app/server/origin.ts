import 'server-only';
import type { Origin } from '@/data/sign-in';
import { addressOf } from './address';
import { boundTo } from './bench-browser';

/** Where somebody tries to sign in from. */
export async function originOf(request: Request): Promise<Origin> {
  return { address: addressOf(request), browser: await boundTo() };
}
