'use client';

import { useSyncExternalStore } from 'react';

/** Small settings of this browser, in local storage. Where storage is forbidden they last as long as the page. */
type Setting = 'unit' | 'single-keys' | 'lathe' | 'device' | 'sequence' | 'class-code';

const listeners = new Set<() => void>();
const fallback = new Map<Setting, string>();

export function subscribeSettings(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function readSetting(setting: Setting): string | null {
  try {
    return window.localStorage.getItem(`oyakata-${setting}`);
  } catch {
    return fallback.get(setting) ?? null;
  }
}

export function writeSetting(setting: Setting, value: string): void {
  try {
    window.localStorage.setItem(`oyakata-${setting}`, value);
  } catch {
    fallback.set(setting, value);
  }
  listeners.forEach((listener) => listener());
}

/** A setting as state: null while nothing is stored, and on the server. */
export function useSetting(setting: Setting): [string | null, (value: string) => void] {
  const value = useSyncExternalStore(
    subscribeSettings,
    () => readSetting(setting),
    () => null,
  );
  return [value, (next) => writeSetting(setting, next)];
}
