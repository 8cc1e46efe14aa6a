import Link from 'next/link';
import type { ComponentProps } from 'react';

/**
 * Leads to another page. Nothing of it is asked for before it is touched: a page shows what is so at that moment, and what
 * could be sent ahead is its frame only, which costs the server half as much as the page.
 */
export function PageLink(props: ComponentProps<typeof Link>) {
  return <Link prefetch={false} {...props} />;
}
