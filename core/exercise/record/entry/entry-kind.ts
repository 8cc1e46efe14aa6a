import type { Schema } from 'yup';
import type { StoredObject } from '@/core/base/documents/document';
import type { FieldIssue, Result } from '@/core/base/errors/field-issue';
import type { Sheet } from '../../sheet/sheet';
import type { Role } from '@/core/people/role';
import type { WorkSoFar } from './work-so-far';

/** What was typed or touched for an entry, field by field. */
export type EntryFields = Readonly<Record<string, string>>;

/** What the device knows when something is typed. */
export interface ReadingContext {
  sheet: Sheet;
  /** Every entry, and those that stand: not struck out, not late. */
  entries: readonly { id: string }[];
  standing: readonly { id: string }[];
  prediction: WorkSoFar;
}

/** One kind of entry: its shape, who may write it, how it is read, and its words. One file each, listed in `kinds/index`. */
export interface EntryKind<K extends string, C extends { kind: K }> {
  kind: K;
  /** Version of its content; entries of format 1 carry none and mean 1. */
  format: number;
  schema: Schema<C>;
  lifts?: Readonly<Record<number, (older: StoredObject) => StoredObject>>;
  writtenBy: readonly Role[];
  /** It says what was done to the piece: one device's to write at a time. */
  ofWork: boolean;
  /** By it the work goes on: the floor counts from there. */
  goesOn: boolean;
  /** It does something about a hold point that was sent back. */
  answersHold: boolean;
  /** With it the set-up has begun. */
  beginsWork: boolean;
  /** Others wait for it, so it is not kept at a bench until there is a network. */
  needsNetwork: boolean;
  /** Whoever made it by mistake may undo it at the bench. */
  undoable: boolean;
  /** Fields that hold what a person said, stored apart so that they can be taken out. */
  freeText: readonly string[];
  /**
   * On the device: what was typed, against sheet and record. What is merely wrong for the work is recorded as it is;
   * only what can not be meant is refused.
   */
  read: (fields: EntryFields, context: ReadingContext) => Result<C>;
  /**
   * What fields that are right one by one can not say together; asked on the device and again by the server, whose sheet
   * may not be chosen yet. Never asked of what is stored: that stays readable.
   */
  refuses?: (content: C, sheet: Sheet | null) => FieldIssue | null;
  /** One line of the record. */
  words: (content: C, sheet: Sheet) => { title: string; detail: string };
}
