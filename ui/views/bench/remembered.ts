import type { BenchFacts } from './bench-facts';
import { hasFreshGrant, recall, remember, whoWorks } from '@/ui/parts/outbox/bench-store';
import { askForGrant } from '@/ui/parts/outbox/outbox';
import { worksHere } from '@/ui/parts/outbox/works-here';
import { ask } from '@/ui/shell/ask';

/** What this device remembers of whoever worked here last; null where it knows nobody. */
export async function remembered(): Promise<BenchFacts | null> {
  try {
    const who = await whoWorks();
    return who === null ? null : await recall<BenchFacts>('home', who.id);
  } catch {
    return null;
  }
}

/** The server has said who works here and what is next: that is kept, to be shown without the network. */
export async function keepKnown(facts: BenchFacts): Promise<void> {
  const { person } = facts;
  try {
    await worksHere(person);
    await remember('home', person.id, facts);
  } catch {
    // A browser that keeps nothing still shows what the server tells.
  }
  // Only what students record is kept here; staff record with their own session.
  if (facts.records && !(await hasFreshGrant(person.id).catch(() => true))) await askForGrant(person.id);
}

/** Whose session is of an earlier day: the PIN alone is asked for. */
export type Asleep = { id: number; name: string } | null;

/**
 * Nobody is signed in: what was remembered of whoever was goes; what is still to be sent stays.
 * @returns who only has to give the PIN again
 */
export async function nobodyWorks(): Promise<Asleep> {
  const session = await ask<{ state: string; who: Asleep }>('/api/session');
  await worksHere(null).catch(() => undefined);
  return session.ok && session.value.state === 'asleep' ? session.value.who : null;
}
