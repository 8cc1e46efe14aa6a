import type { Metadata } from 'next';
import { KitPage } from '@/ui/views/kit-page/kit-page';

export const metadata: Metadata = { title: 'Kit' };

/** All parts of the kit side by side, for whoever builds a view. */
export default function Kit() {
  return <KitPage />;
}
