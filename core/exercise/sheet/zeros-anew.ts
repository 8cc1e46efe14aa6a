import { shownOnSheet } from './shown-on-sheet';
import type { Sheet } from './sheet';

/**
 * What is done at the slides where zeros are taken anew: a dial goes to 0, a readout to the figure from which its rows
 * count.
 */
export function zerosAnew(sheet: Sheet): string {
  if (sheet.feed.as !== 'figure') return 'take both zeros there';
  return `set the readout to ${shownOnSheet({ value: 0, unit: sheet.lathe.dial.graduation.unit }, sheet)} there`;
}
