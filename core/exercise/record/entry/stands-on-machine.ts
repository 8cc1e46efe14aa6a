/**
 * Steps whose result may still stand on the machine, or in the hand, when the next try begins: each is read again. All
 * others belong to the blank, and a new try begins with a new one (common practice).
 */
const ON_MACHINE: ReadonlySet<string> = new Set([
  'over-wires',
  'gearing',
  'speed',
  'drive',
  'compound',
  'tip',
  'tool-square',
]);

export const standsOnMachine = (stepId: string): boolean => ON_MACHINE.has(stepId);
