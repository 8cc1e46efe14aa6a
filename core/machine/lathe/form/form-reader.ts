import type { FieldIssue, IssueCode, Result } from '@/core/base/errors/field-issue';
import { parseFigures, parseLength, parseWhole } from '@/core/base/units/parse-length';
import { saidText } from '@/core/base/documents/visible-text';
import type { Length, LengthUnit } from '@/core/base/units/length';

/** Reads texts one after the other and gathers what is wrong, each thing at its field. */
export class FormReader {
  readonly issues: FieldIssue[] = [];

  wrong(field: string, code: IssueCode, message: string): null {
    this.issues.push({ field, code, message });
    return null;
  }

  keep<T>(result: Result<T>): T | null {
    if (result.ok) return result.value;
    this.issues.push(...result.issues);
    return null;
  }

  /** Greater than 0; empty is not known. */
  length(field: string, text: string, unit: LengthUnit): Length | null {
    if (text.trim() === '') return null;
    const read = this.keep(parseLength(field, text, unit));
    if (read === null || read.length.value > 0) return read?.length ?? null;
    return this.wrong(field, 'out-of-range', 'Type a length greater than 0.');
  }

  number(field: string, text: string, least: number, most: number): number | null {
    if (text.trim() === '') return null;
    const read = this.keep(parseFigures(field, text));
    if (read === null || (read >= least && read <= most)) return read;
    return this.wrong(field, 'out-of-range', `Type a number from ${least} to ${most}.`);
  }

  count(field: string, text: string, most: number, what: string, least = 1): number | null {
    return text.trim() === '' ? null : this.keep(parseWhole(field, text, least, most, what));
  }

  /** One of some; empty is null. */
  choice<const V extends string>(
    field: string,
    text: string,
    values: readonly V[],
    otherwise: string,
  ): V | null {
    if (text === '') return null;
    const found = values.find((value) => value === text);
    return found ?? this.wrong(field, 'unreadable', otherwise);
  }

  yesNo(field: string, text: string): boolean | null {
    const said = this.choice(field, text, ['yes', 'no'], 'Say yes or no, or leave it open.');
    return said === null ? null : said === 'yes';
  }

  words(field: string, text: string, most: number): string | null {
    const said = saidText(text);
    if (said.length > most) return this.wrong(field, 'too-long', `At most ${most} characters.`);
    return said === '' ? null : said;
  }
}
