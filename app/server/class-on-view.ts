import 'server-only';
import { cookies } from 'next/headers';
import { CLASS_ON_VIEW } from '@/ui/shell/class-on-view';
import { rowId } from './handle';

/** The class that this browser looked at last; it may be one of somebody else who works at it. */
export async function lastClass(): Promise<number | null> {
  return rowId((await cookies()).get(CLASS_ON_VIEW)?.value ?? '');
}
