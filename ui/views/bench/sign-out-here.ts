import { useEffect, useSyncExternalStore } from 'react';
import { signOut } from '@/ui/parts/outbox/sign-out';

let problem: string | null = null;
const listeners = new Set<() => void>();

function say(next: string | null): void {
  problem = next;
  listeners.forEach((listener) => listener());
}

/** Signs out at the bench. Whoever wanted to go and could not reads so in its line, and does not leave in good faith. */
export async function signOutHere(): Promise<void> {
  say(null);
  say(await signOut());
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Nobody works here any more, or somebody goes on: it is not said any longer. */
export const signOutIsOver = (): void => say(null);

/** Why the last signing out failed; null where none did. Whoever opens a piece afterwards has read it. */
export function useNotSignedOut(): string | null {
  useEffect(() => signOutIsOver, []);
  return useSyncExternalStore(subscribe, () => problem);
}
