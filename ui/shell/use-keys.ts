'use client';

import { useEffect, useSyncExternalStore } from 'react';
import { readSetting, subscribeSettings } from '@/ui/kit/settings';

/** What single keys do in a view, shown by `?`. */
export interface KeyBinding {
  key: string;
  does: string;
  run: () => void;
}

export function useSingleKeysOn(): boolean {
  return useSyncExternalStore(
    subscribeSettings,
    () => readSetting('single-keys') !== 'off',
    () => true,
  );
}

/** Runs single keys while no field has the focus; they can be switched off in the `?` dialog. */
export function useKeys(bindings: readonly KeyBinding[]): void {
  const on = useSingleKeysOn();
  useEffect(() => {
    if (!on) return undefined;
    function press(event: KeyboardEvent) {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const binding = bindings.find(({ key }) => key === event.key);
      if (binding === undefined) return;
      event.preventDefault();
      binding.run();
    }
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [bindings, on]);
}

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.closest('input, textarea, select, [contenteditable], [role=dialog]') !== null
  );
}
