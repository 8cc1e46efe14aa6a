import { parseAngleDeg } from '@/core/base/units/parse-angle';
import type { LengthUnit } from '@/core/base/units/length';
import { NOT_KNOWN } from './lathe-options';
import type { FormReader } from './form-reader';

/** The parts of a lathe's page, each on its tab. */
export const LATHE_PARTS = {
  compound: 'slides',
  swivel: 'slides',
  'cross-slide': 'slides',
  size: 'slides',
  spindle: 'spindle',
  'trip-and-readout': 'spindle',
  'lead-screw': 'screw',
  'thread-dial': 'screw',
  'change-gears': 'gearing',
} as const;
export type LathePart = keyof typeof LATHE_PARTS;

/** What is typed for a field, and how it is read. Empty is not known, unless `own` code says otherwise. */
type Takes =
  | { takes: 'length' }
  | { takes: 'number'; least: number; most: number }
  | { takes: 'count'; least: number; most: number; what: string }
  | { takes: 'angle'; most: number }
  | { takes: 'words'; most: number }
  | { takes: 'yes-no' }
  /** `otherwise` is said of a text that is none of them. */
  | { takes: 'choice'; options: readonly { value: string; text: string }[]; otherwise: string }
  /** Read together with others, in `read-lathe-form.ts`. */
  | { takes: 'own'; options?: readonly { value: string; text: string }[] };

/** One field of a lathe, as data: the form, its page, its file and its reading are made from it. */
export type LatheFieldData = Takes & {
  name: string;
  /** Where it stands in the document. */
  at: string;
  part: LathePart;
  label: string;
  note?: string;
  /** In what a figure is given: a word, or the field that says it. */
  unit?: string;
  unitOf?: string;
  /** What is taken where nothing is typed; a path into the usual lathe of the compound's unit, or a text. */
  proposed?: string;
  proposedAt?: string;
  /** What stands in a new form, and where the document has nothing. */
  initial?: string;
  /** Shown only where another field says so. */
  onlyIf?: { field: string; is?: string; isNot?: string };
  stacked?: boolean;
  /** Side by side with its neighbours, so many in a row. */
  inRow?: 2 | 3;
};

/** Reads a field by what it takes. */
export function readLatheField(
  field: LatheFieldData,
  text: string,
  unit: LengthUnit | null,
  reader: FormReader,
): unknown {
  const { name } = field;
  switch (field.takes) {
    case 'length':
      return unit === null ? null : reader.length(name, text, unit);
    case 'number':
      return reader.number(name, text, field.least, field.most);
    case 'count':
      return reader.count(name, text, field.most, field.what, field.least);
    case 'angle':
      return text.trim() === '' ? null : reader.keep(parseAngleDeg(name, text, 0, field.most));
    case 'words':
      return reader.words(name, text, field.most);
    case 'yes-no':
      return reader.yesNo(name, text);
    case 'choice':
      return reader.choice(
        name,
        text,
        field.options.map(({ value }) => value),
        field.otherwise,
      );
    case 'own':
      return null;
  }
}

/** A value of the document as it is typed; null where there is none. */
export function typedText(value: unknown): string | null {
  if (value === null || value === undefined) return null;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value)) return value.map(String).join(', ');
  if (typeof value === 'object') return 'value' in value ? typedText(value.value) : null;
  return typeof value === 'string' || typeof value === 'number' ? String(value) : null;
}

/** The options of a field as they are offered. */
export const optionsOf = (field: LatheFieldData): readonly { value: string; text: string }[] | null =>
  field.takes === 'yes-no'
    ? [NOT_KNOWN, { value: 'yes', text: 'yes' }, { value: 'no', text: 'no' }]
    : field.takes === 'choice' || field.takes === 'own'
      ? (field.options ?? null)
      : null;
