import type { FieldIssue } from '@/core/base/errors/field-issue';
import { parseFigures, parseWhole } from '@/core/base/units/parse-length';
import { saidText } from '@/core/base/documents/visible-text';
import { readChoice } from './read-choice';
import type { PlanField, PlanForm, StepForm } from '../draft';
import { readHold } from '../hold-choice';
import { EXPECTED_SHOWN, STEP_EVIDENCE, STEP_GROUPS, STEP_UNITS } from '../plan-names';
import type { PlanStep } from '../plan';

/** Reads the steps that the instructor arranged; none: as proposed. */
export function readSteps(form: PlanForm, unit: 'in' | 'mm', issues: FieldIssue[]): PlanStep[] {
  const ids = new Set<string>();
  return form.steps.flatMap((row, index): PlanStep[] => {
    const field = (name: keyof StepForm): PlanField => `steps.${index}.${name}`;
    if (row.id === '' || ids.has(row.id)) return [];
    ids.add(row.id);
    const own = row.id.startsWith('own-');
    const words = (name: 'title' | 'instruction', most: number): string | null => {
      const said = saidText(row[name]);
      if (said.length > most)
        issues.push({ field: field(name), code: 'too-long', message: `At most ${most} characters.` });
      return said === '' ? null : said.slice(0, most);
    };
    const title = words('title', 120);
    if (own && title === null)
      issues.push({ field: field('title'), code: 'required', message: 'Give the step a title.' });
    const choices = row.choices
      .split(/\s*;\s*/)
      .map((choice) => saidText(choice).slice(0, 60))
      .filter((choice) => choice !== '')
      .slice(0, 12);
    const evidence = STEP_EVIDENCE.find((each) => each === row.evidence) ?? null;
    if (evidence === 'choice' && own && choices.length < 2)
      issues.push({
        field: field('choices'),
        code: 'required',
        message: 'Name the choices, parted by semicolons.',
      });
    return [
      {
        id: row.id.slice(0, 40),
        title,
        instruction: words('instruction', 500),
        group: STEP_GROUPS.find((each) => each === row.group) ?? null,
        evidence: own ? (evidence ?? 'seen') : evidence,
        choices,
        times: readTimes(row, field('times'), issues),
        value: own && evidence === 'value' ? readValue(row, field, unit, issues) : null,
        expected: readChoice(form, field('expected'), EXPECTED_SHOWN, issues),
        critical: yesNo(row.critical),
        hold: row.hold === 'helper' ? true : yesNo(row.hold),
        helper: readHold(row.hold).helper,
        weight: readWeight(row, field('weight'), issues),
        on: row.on !== 'no',
      },
    ];
  });
}

/** What is right for an own value: from, to, or both; in the unit chosen, else the thread's. */
function readValue(
  row: StepForm,
  field: (name: keyof StepForm) => PlanField,
  threadUnit: 'in' | 'mm',
  issues: FieldIssue[],
): PlanStep['value'] {
  const unit = STEP_UNITS.find((each) => each === row.unit) ?? threadUnit;
  const limit = (name: 'least' | 'most') => {
    if (row[name].trim() === '') return null;
    const read = parseFigures(field(name), row[name]);
    if (!read.ok) issues.push(...read.issues);
    return read.ok ? read.value : null;
  };
  const [least, most] = [limit('least'), limit('most')];
  if (least !== null && most !== null && least > most)
    issues.push({
      field: field('most'),
      code: 'conflict',
      message: `Type at least ${least}, or lower “from”.`,
    });
  return { unit, least, most };
}

const yesNo = (text: string): boolean | null => (text === 'yes' ? true : text === 'no' ? false : null);

function readTimes(row: StepForm, field: PlanField, issues: FieldIssue[]): number | null {
  if (row.times.trim() === '') return row.evidence === 'counted' ? 3 : null;
  const read = parseWhole(field, row.times, 1, 20, 'how often');
  if (!read.ok) issues.push(...read.issues);
  return read.ok ? read.value : null;
}

function readWeight(row: StepForm, field: PlanField, issues: FieldIssue[]): number | null {
  if (row.weight.trim() === '') return null;
  const read = parseFigures(field, row.weight);
  if (read.ok && read.value >= 0 && read.value <= 100) return read.value;
  issues.push(
    ...(read.ok
      ? [{ field, code: 'out-of-range' as const, message: 'Type a weight from 0 to 100.' }]
      : read.issues),
  );
  return null;
}
