import { JUDGED, judgedOf } from '../record/entry/judged';
import { isPresent, type AnyScheme } from './scheme';
import { kindOfLine } from './rules-5/lines';

/** Something that whoever has the part in hand judges by a touch. */
export interface ToJudge {
  subject: string;
  title: string;
  /** What to do, in the imperative. */
  asks: string;
  levels: readonly string[];
  /** Whether the scheme gives points for it; else it is only noted. */
  counts: boolean;
}

/** What is judged of a piece, in the order in which it is looked at: what the scheme lists, by its levels, then the usual. */
export function judgedFor(scheme: AnyScheme): ToJudge[] {
  const listed = isPresent(scheme)
    ? scheme.lines.flatMap((line): ToJudge[] => {
        const { kind, of } = kindOfLine(line.id);
        if (kind === null || line.fall.by !== 'levels' || line.weight === 0) return [];
        const subject = kind.kind === 'look' ? `look:${of}` : kind.kind;
        return [
          {
            subject,
            title: line.title ?? judgedOf(subject)?.title ?? of,
            asks: judgedOf(subject)?.asks ?? `Look at: ${of}`,
            levels: line.fall.levels.map(({ sentence }) => sentence),
            counts: true,
          },
        ];
      })
    : scheme.lines.flatMap(({ id, title, weight }): ToJudge[] =>
        id.startsWith('look:') && weight > 0 && judgedOf(id) === null
          ? [
              {
                subject: id,
                title: title ?? id.replace('look:', ''),
                asks: `Look at: ${title ?? id.replace('look:', '')}`,
                levels: ['good', 'fair', 'poor'],
                counts: true,
              },
            ]
          : [],
      );
  const counts = new Set(listed.map(({ subject }) => subject));
  const older = isPresent(scheme) ? [] : scheme.lines.filter(({ weight }) => weight > 0).map(({ id }) => id);
  const usual = JUDGED.filter(({ id }) => !counts.has(id)).map(({ id, title, asks, levels }) => ({
    subject: id,
    title,
    asks,
    levels,
    counts: older.includes(id),
  }));
  const all = [...listed, ...usual];
  const at = ({ subject }: ToJudge) => {
    const place = JUDGED.findIndex(({ id }) => id === subject);
    return place < 0 ? JUDGED.length - 2.5 : place;
  };
  return all.toSorted((a, b) => at(a) - at(b));
}
