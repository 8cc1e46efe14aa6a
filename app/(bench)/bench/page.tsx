import type { Metadata } from 'next';
import { BenchApp } from '@/ui/views/bench/bench-app';

export const metadata: Metadata = { title: 'Bench' };

/**
 * The bench: one page for everything at the lathe. It holds nothing personal, so that a device may keep it and open it
 * without the network; who works here and what is next it asks for itself.
 */
export default function BenchPage() {
  return <BenchApp />;
}
