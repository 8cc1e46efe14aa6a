import { useMemo } from 'react';
import { sheetFor } from '@/core/exercise/sheet/sheet-for';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { useShopWords } from '@/ui/kit/shop-words';
import { usePlanning } from './planning-context';

/** The sheet of the plan as it stands, on the lathe looked at; null while the plan is not whole. Nothing is frozen by it. */
export function useSheet(): Sheet | null {
  const { read, lathe, book } = usePlanning();
  const words = useShopWords();
  const { plan } = read;
  return useMemo(
    () => (plan === null ? null : sheetFor({ plan, lathe, book, words })),
    [plan, lathe, book, words],
  );
}
