import type { Metadata } from 'next';
import { loadAccount } from '@/data/account';
import { guardedPage } from '@/app/server/page-guard';
import { token } from '@/app/server/session';
import { AccountView } from '@/ui/views/people/account-view';

export const metadata: Metadata = { title: 'Account' };

export default function AccountPage() {
  return guardedPage(
    async (who) => loadAccount(who, await token()),
    (account, who) => <AccountView who={who} {...account} />,
    { unsecured: true },
  );
}
