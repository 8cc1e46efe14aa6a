import type { SheetStep } from './sheet-step';

/** One lever or gear as it is recorded. */
export const settingText = (name: string, position: string): string => `${name}: ${position}`;

/** What is recorded where everything stands as the sheet says, parted by semicolons; null where nothing is chosen. */
export function wantedChoice({
  kind,
  settings,
  choices,
}: Pick<SheetStep, 'kind' | 'settings' | 'choices'>): string | null {
  if (kind === 'settings') return settings.map(({ name, wanted }) => settingText(name, wanted)).join('; ');
  return kind === 'looks' || kind === 'order' ? choices.join('; ') : null;
}
