import type { Metadata } from 'next';
import { EMPTY_LATHE_FORM } from '@/core/machine/lathe/form/lathe-form';
import { loadShop } from '@/data/shop';
import { guardedPage } from '@/app/server/page-guard';
import { LatheView } from '@/ui/views/shop/lathe-view';

export const metadata: Metadata = { title: 'New lathe' };

export default function NewLathePage() {
  return guardedPage(loadShop, (_, who) => (
    <LatheView id={null} number={0} form={EMPTY_LATHE_FORM} archived={false} who={who} />
  ));
}
