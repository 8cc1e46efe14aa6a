'use client';

import { createContext, useContext, useMemo, useSyncExternalStore, type ReactNode } from 'react';
import { readSetting, subscribeSettings, writeSetting } from '@/ui/kit/settings';
import { showLengthIn, type DisplayUnit, type ShowLength } from './show-length';

export type { DisplayUnit, ShowLength };

const Context = createContext<{ unit: DisplayUnit; setUnit: (unit: DisplayUnit) => void }>({
  unit: 'own',
  setUnit: () => undefined,
});

export function DisplayUnitProvider({ children }: { children: ReactNode }) {
  const stored = useSyncExternalStore(
    subscribeSettings,
    () => readSetting('unit'),
    () => null,
  );
  const unit: DisplayUnit = stored === 'in' || stored === 'mm' ? stored : 'own';
  const value = useMemo(() => ({ unit, setUnit: (next: DisplayUnit) => writeSetting('unit', next) }), [unit]);
  return <Context.Provider value={value}>{children}</Context.Provider>;
}

export function useDisplayUnit() {
  return useContext(Context);
}

/** How to show lengths under the inch/mm switch; the only way in which views turn lengths into text. */
export function useShowLength(): ShowLength {
  const { unit: chosen } = useDisplayUnit();
  return useMemo(() => showLengthIn(chosen), [chosen]);
}
