'use client';

import { createContext, useContext, useLayoutEffect, useState, useSyncExternalStore } from 'react';
import type { ReactNode } from 'react';

/** The fields that stand on the page, each with its message. What is said of any other is said above them. */
class ShownFields {
  private shown: ReadonlyMap<string, number> = new Map();
  private readonly listeners = new Set<() => void>();

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => void this.listeners.delete(listener);
  };

  readonly current = () => this.shown;

  /** A field may stand twice, as at the target strip and in its stage. */
  readonly count = (field: string, by: 1 | -1) => {
    this.shown = new Map([...this.shown, [field, (this.shown.get(field) ?? 0) + by]]);
    this.listeners.forEach((listener) => listener());
  };
}

const Context = createContext<ShownFields | null>(null);

export function ShownFieldsProvider({ children }: { children: ReactNode }) {
  const [fields] = useState(() => new ShownFields());
  return <Context.Provider value={fields}>{children}</Context.Provider>;
}

/** Tells that a field stands on the page, as long as it does. */
export function useShownField(field: string): void {
  const fields = useContext(Context);
  useLayoutEffect(() => {
    fields?.count(field, 1);
    return () => fields?.count(field, -1);
  }, [fields, field]);
}

const NOTHING: ReadonlyMap<string, number> = new Map();
const never = () => () => undefined;
const nothing = () => NOTHING;

/** Whether a field stands on the page now. */
export function useIsShown(): (field: string) => boolean {
  const fields = useContext(Context);
  const current = fields?.current ?? nothing;
  const shown = useSyncExternalStore(fields?.subscribe ?? never, current, current);
  return (field) => (shown.get(field) ?? 0) > 0;
}
