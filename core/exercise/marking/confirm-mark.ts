import { array, object, type InferType } from 'yup';
import { exactText } from '@/core/base/json/exact';
import { bad, good, type FieldIssue, type Result } from '@/core/base/errors/field-issue';
import { parseFigures } from '@/core/base/units/parse-length';
import { saidText, visibleLength } from '@/core/base/documents/visible-text';
import { totalOf, type MarkProposal } from './mark-line';
import type { DecidedLine, Mark } from './mark';
import { gradeOf } from './scale';
import { MOST_LINES, type AnyScheme } from './scheme';

const text = exactText(500).default('');

/** What the instructor sends: points as typed for each line, and the reason where they differ from the proposal. */
export const markFormSchema = object({
  lines: array(
    object({ id: exactText(120).required('Name the line.'), points: text, reason: text }).required(),
  )
    .max(MOST_LINES)
    .required('Send the lines.'),
  /** Lifts the cap when given. */
  capReason: text,
  comment: text,
});

export type MarkForm = InferType<typeof markFormSchema>;

/** Checks the instructor's points against the proposal. Issues name `lines.ID.points` or `lines.ID.reason`. */
export function confirmMark(proposal: MarkProposal, scheme: AnyScheme, form: MarkForm): Result<Mark> {
  if (proposal.blocked !== null) return bad('lines', 'unsupported', proposal.blocked);
  const issues: FieldIssue[] = [];
  const lines = proposal.lines.map((line): DecidedLine => {
    const typed = form.lines.find((candidate) => candidate.id === line.id);
    if (typed === undefined || typed.points.trim() === '')
      return { ...line, awarded: line.proposed, overrideReason: null };
    const points = parseFigures(`lines.${line.id}.points`, typed.points.trim());
    if (!points.ok) {
      issues.push(...points.issues);
      return { ...line, awarded: line.proposed, overrideReason: null };
    }
    const awarded = points.value;
    if (awarded < 0 || awarded > line.max || !isStep(awarded, scheme.pointStep)) {
      issues.push({
        field: `lines.${line.id}.points`,
        code: 'out-of-range',
        message: `Type 0 to ${line.max} points, ${stepWords(scheme.pointStep)}.`,
      });
    }
    const reason = saidText(typed.reason);
    if (awarded !== line.proposed && visibleLength(reason) < 3) {
      issues.push({
        field: `lines.${line.id}.reason`,
        code: 'required',
        message: `Say why it is ${awarded} and not ${line.proposed}.`,
      });
    }
    return { ...line, awarded, overrideReason: awarded === line.proposed ? null : reason };
  });
  const unknown = form.lines.find((typed) => proposal.lines.every((line) => line.id !== typed.id));
  if (unknown !== undefined) {
    issues.push({
      field: `lines.${unknown.id}.points`,
      code: 'unreadable',
      message: 'The proposal has no such line.',
    });
  }
  if (issues.length > 0) return { ok: false, issues };
  const sum = lines.reduce((all, line) => all + line.awarded, 0);
  const capLiftedReason = saidText(form.capReason) === '' ? null : saidText(form.capReason);
  const cap = capLiftedReason === null ? (proposal.cap?.most ?? Infinity) : Infinity;
  const total = totalOf(sum, proposal.factor?.share ?? 1, cap, scheme.pointStep);
  return good({
    format: 'oyakata-mark',
    version: 3,
    rules: scheme.rules,
    passMark: scheme.passMark,
    sections: proposal.sections,
    lines,
    cap: proposal.cap,
    capLiftedReason,
    factor: proposal.factor,
    grade:
      proposal.scale === null || proposal.scale.kind === 'points' ? null : gradeOf(proposal.scale, total),
    comment: saidText(form.comment),
    total,
  });
}

const isStep = (points: number, step: number) => Math.abs(points / step - Math.round(points / step)) < 1e-9;

const stepWords = (step: number) =>
  step === 0.5 ? 'whole or half' : step === 1 ? 'whole' : `in steps of ${step}`;
