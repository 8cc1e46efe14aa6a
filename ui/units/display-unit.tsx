'use client';

import { createContext, useContext, useMemo, useSyncExternalStore, type ReactNode } from 'react';
import { formatLength, type Length, type LengthUnit } from '@/core/units';
import { readSetting, subscribeSettings, writeSetting } from '../shell/settings';

/** `own`: every length in the unit it was planned in. */
export type DisplayUnit = 'own' | LengthUnit;

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

export interface ShowLength {
  /** The figures in the chosen unit. */
  figures: (value: number, unit: LengthUnit, extraDecimals?: number) => string;
  /** The chosen unit for something planned in `unit`. */
  unitOf: (unit: LengthUnit) => LengthUnit;
  /** Figures and unit of a stored length. */
  text: (length: Length) => string;
}

/** How to show lengths under the inch/mm switch; the only way in which views turn lengths into text. */
export function useShowLength(): ShowLength {
  const { unit: chosen } = useDisplayUnit();
  return useMemo(() => {
    const unitOf = (unit: LengthUnit) => (chosen === 'own' ? unit : chosen);
    return {
      unitOf,
      figures: (value, unit, extra = 0) => formatLength({ value, unit }, unitOf(unit), extra),
      text: (length) => `${formatLength(length, unitOf(length.unit))} ${unitOf(length.unit)}`,
    };
  }, [chosen]);
}
