import { parseAdvance } from '../gearing/advance';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { parseFigures, parseLength, parseWhole } from '@/core/base/units/parse-length';
import { parseLengthList } from '@/core/base/units/parse-length-list';
import { saidText } from '@/core/base/documents/visible-text';
import type { LengthUnit } from '@/core/base/units/length';

/** A field of a record of the shop's book: how it is called, what it takes, and whether the table shows it. */
export interface BookField {
  name: string;
  label: string;
  takes: 'words' | 'length' | 'lengths' | 'figure' | 'whole' | 'choice' | 'advance' | 'day';
  /** Of words the most characters, of a figure or a count its most. */
  most?: number;
  options?: readonly string[];
  unit?: string;
  note?: string;
  required?: boolean;
  inTable?: boolean;
}

/** Reads one text by what its field takes; empty is null, or an empty list. */
export function readBookField(field: BookField, text: string, unit: LengthUnit): Result<unknown> {
  const { name, takes, most = 1e6, options = [] } = field;
  const said = saidText(text);
  if (said === '') {
    if (field.required === true) return bad(name, 'required', `${field.label}: this is needed.`);
    return good(takes === 'lengths' ? [] : null);
  }
  switch (takes) {
    case 'words':
      return said.length > most ? bad(name, 'too-long', `At most ${most} characters.`) : good(said);
    case 'choice':
      return options.includes(said.toLowerCase().replace(/ /g, '-'))
        ? good(said.toLowerCase().replace(/ /g, '-'))
        : bad(name, 'unreadable', `Choose ${options.join(', ')}.`);
    case 'length': {
      // As it was typed: a length in inch stays one.
      const read = parseLength(name, said, unit);
      if (!read.ok) return read;
      const { given } = read.value;
      return given.value > 0 ? good(given) : bad(name, 'out-of-range', 'Type a length greater than 0.');
    }
    case 'lengths':
      return parseLengthList(name, said, unit, 'given');
    case 'figure': {
      const read = parseFigures(name, said);
      if (!read.ok) return read;
      return read.value >= 0 && read.value <= most ? read : bad(name, 'out-of-range', `Type 0 to ${most}.`);
    }
    case 'whole':
      return parseWhole(name, said, 0, most, field.label.toLowerCase());
    case 'advance': {
      const read = parseAdvance(name, said);
      return read.ok ? good(/mm|tpi/i.test(said) ? said : `${said} TPI`) : read;
    }
    case 'day':
      return isDay(said) ? good(said) : bad(name, 'unreadable', 'Write the day as 2026-05-01.');
  }
}

function isDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const day = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(day.getTime()) && day.toISOString().startsWith(text);
}

/** A value of a document as it is typed. */
export function bookFieldText(value: unknown): string {
  if (value === null || value === undefined) return '';
  if (Array.isArray(value)) return value.map(bookFieldText).join('; ');
  if (typeof value === 'object' && 'value' in value && 'unit' in value)
    return `${String((value as { value: number }).value)} ${String((value as { unit: string }).unit)}`;
  return typeof value === 'string' || typeof value === 'number' ? String(value) : '';
}
