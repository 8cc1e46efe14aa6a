import type { LatheFieldData } from './lathe-field';
import { LATHE_FIELD_LIST, type LatheField } from './lathe-fields';

/** Lists of a lathe's form: one row a line, as typed or as pasted from a table. */
export const LATHE_TABLES = [
  'speeds',
  'dialGears',
  'plate',
  'levers',
  'quickChange',
  'changeGears',
  'placards',
] as const;
export type LatheTable = (typeof LATHE_TABLES)[number];

/** Columns of the lists whose columns are fixed; those of the two charts are named in their first row. */
export const TABLE_COLUMNS: Record<Exclude<LatheTable, 'quickChange' | 'changeGears'>, readonly string[]> = {
  speeds: ['rpm', 'Set by', 'How it is set', 'Really', 'Torque, N m', 'Power, W', 'Run-down, turns'],
  dialGears: ['Teeth', 'Marks round the dial'],
  plate: ['Thread', 'Labels'],
  levers: ['Lever', 'Kind', 'Positions', 'For threading', 'Left-hand'],
  placards: ['Lever', 'Position', 'rpm at most'],
};

/** The form of a lathe exactly as typed; empty means the usual or, where nothing is usual, not known. */
export type LatheForm = Record<LatheField, string> & Record<LatheTable, string[][]>;

export const EMPTY_LATHE_FORM = {
  ...Object.fromEntries(LATHE_FIELD_LIST.map((field: LatheFieldData) => [field.name, field.initial ?? ''])),
  ...Object.fromEntries(LATHE_TABLES.map((table) => [table, []])),
} as unknown as LatheForm;
