import 'server-only';
import { headers } from 'next/headers';
import { notFound, redirect, unstable_rethrow } from 'next/navigation';
import type { ReactNode } from 'react';
import { isDatabaseDown } from '@/data/errors';
import { log } from '@/data/log';
import type { Outcome } from '@/data/outcome';
import type { PersonView } from '@/data/people';
import { ComesBack } from '@/ui/shell/comes-back';
import { Notice } from '@/ui/shell/notice';
import { rowId } from './handle';
import { logDatabaseDown } from './log-database-down';
import { viewer } from './session';

/**
 * Loads what a page shows, as whoever works here. Without a person it goes to the sign-in page; what is absent or
 * not the viewer's is "not found"; a database that does not answer is said plainly.
 */
export async function guardedPage<T>(
  load: (who: PersonView) => Promise<Outcome<T>>,
  show: (loaded: T, who: PersonView) => ReactNode,
  /** The page serves those too who have not set up the second factor that the shop demands. */
  { unsecured = false } = {},
): Promise<ReactNode> {
  let who: PersonView | null;
  let content: ReactNode = null;
  let missing = false;
  try {
    // A page that somebody goes to is used; one that looks for news is not.
    who = await viewer(((await headers()).get('sec-fetch-mode') ?? 'navigate') === 'navigate');
    const held = who?.unsecured === true && !unsecured;
    if (held) redirect('/account');
    const outcome = who === null ? null : await load(who);
    if (who !== null && outcome !== null) {
      missing = 'refused' in outcome;
      content = 'done' in outcome ? show(outcome.done, who) : null;
    }
  } catch (error) {
    unstable_rethrow(error);
    if (isDatabaseDown(error)) {
      logDatabaseDown(error);
      return <DatabaseDown />;
    } else {
      log.error({ err: error }, 'page failed');
      throw error;
    }
  }
  if (missing) notFound();
  if (who === null) redirect('/sign-in');
  return content;
}

export function DatabaseDown() {
  return (
    <Notice title="The database can not be reached">
      <p>Nothing is lost: what was stored is safe, and what was typed in this tab is kept in it.</p>
      <ComesBack />
      <p>
        Whoever keeps the program starts the database again with{' '}
        <code className="figures">./oyakata start</code>; its log lies in{' '}
        <code className="figures">.oyakata/log/mariadb.log</code>.
      </p>
    </Notice>
  );
}

/** The number in a page's path; anything else is no page. */
export function idOf(text: string): number {
  return rowId(text) ?? notFound();
}
