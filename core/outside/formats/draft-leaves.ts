import { WORKSHEET_ASKS } from '@/core/learning/worksheet/asks';
import { STOPS } from '@/core/machine/stops/stops';
import {
  CLEARINGS,
  CLEAR_ORDERS,
  DIRECTIONS,
  END_SEEN_BY,
  INFEED_WAYS,
  LEVELS,
  MARK_RULES,
  STARTS_BY,
  TOOL_SIDES,
  WORK_ENDS,
  ZERO_WAYS,
} from '@/core/machine/technique/choices';
import { DRIVES } from '@/core/machine/technique/drives';
import { HOLDINGS } from '@/core/machine/technique/holdings';
import { EVIDENCE_KINDS } from '@/core/measuring/proof/evidence';
import {
  EMPTY_EVIDENCE,
  EMPTY_PLAN_FORM,
  EMPTY_ROW,
  EMPTY_STEP,
  EMPTY_STOP,
  leavesOf,
} from '@/core/exercise/plan/draft';
import {
  EXPECTED_SHOWN,
  PASS_KINDS,
  RELIEFS,
  SCHOOLS,
  START_ORDERS,
  STEP_EVIDENCE,
  STEP_GROUPS,
  STEP_UNITS,
  TIP_KINDS,
} from '@/core/exercise/plan/plan-names';
import { STARTERS } from '@/core/exercise/plan/starters';

/** A leaf of the draft: its path, what it begins with, and what may be chosen there; null: it is typed. */
export interface DraftLeaf {
  path: string;
  initial: string;
  options: readonly string[] | null;
}

const CHECKS = STOPS.map(({ id }) => id);

const OPTIONS: Readonly<Record<string, readonly string[]>> = {
  'thread.startsOrder': START_ORDERS,
  'thread.startsBy': STARTS_BY,
  'work.end.kind': WORK_ENDS,
  'work.end.reliefBy': RELIEFS,
  'holding.kind': HOLDINGS,
  'tool.tip.kind': TIP_KINDS,
  'technique.direction': DIRECTIONS,
  'technique.drive': DRIVES,
  'technique.side': TOOL_SIDES,
  'technique.clearing': CLEARINGS,
  'technique.clearOrder': CLEAR_ORDERS,
  'technique.markRule': MARK_RULES,
  'technique.zeroBy': ZERO_WAYS,
  'technique.endSeenBy': END_SEEN_BY,
  'technique.level': LEVELS,
  'infeed.way': INFEED_WAYS,
  'infeed.side': ['usual', 'other'],
  'schedule.school': SCHOOLS,
  'schedule.chartReads': ['radius', 'diameter'],
  'schedule.until': CHECKS,
  'schedule.rows.N.what': ['cut', 'stop'],
  'schedule.rows.N.kind': PASS_KINDS,
  'schedule.rows.N.check': CHECKS,
  'schedule.rows.N.drive': DRIVES,
  'schedule.rows.N.hold': ['', 'yes', 'helper'],
  'schedule.stops.N.check': CHECKS,
  'schedule.stops.N.onward': ['', 'yes'],
  'schedule.stops.N.hold': ['', 'yes', 'helper'],
  'proof.evidence.N.kind': EVIDENCE_KINDS,
  'proof.evidence.N.bothEnds': ['', 'yes'],
  'proof.evidence.N.toShoulder': ['', 'yes'],
  'steps.N.group': STEP_GROUPS,
  'steps.N.evidence': STEP_EVIDENCE,
  'steps.N.unit': STEP_UNITS,
  'steps.N.expected': EXPECTED_SHOWN,
  ...Object.fromEntries(WORKSHEET_ASKS.map((ask) => [`worksheet.${ask}`, ['', 'yes']])),
};

const ROWS: readonly [string, object][] = [
  ['schedule.rows', EMPTY_ROW],
  ['schedule.stops', EMPTY_STOP],
  ['proof.evidence', EMPTY_EVIDENCE],
  ['steps', EMPTY_STEP],
];

/** Every leaf of the draft, in the order of the form; those of a list with N for the place of the row, from 0. */
export function draftLeaves(): DraftLeaf[] {
  const alone = leavesOf({ ...EMPTY_PLAN_FORM, proof: { ...EMPTY_PLAN_FORM.proof, evidence: [] } });
  const inRows = ROWS.flatMap(([list, row]) =>
    Object.entries(row).map(([name, text]): [string, string] => [`${list}.N.${name}`, String(text)]),
  );
  return [...alone, ...inRows].map(([path, initial]) => ({ path, initial, options: OPTIONS[path] ?? null }));
}

/** The leaves as a page of the documentation. */
export function draftPage(): string {
  const rows = draftLeaves().map(
    ({ path, initial, options }) =>
      `| \`${path}\` | ${initial === '' ? '' : `\`${initial}\``} | ${
        options === null ? 'as typed' : options.map((id) => (id === '' ? 'empty' : `\`${id}\``)).join(', ')
      } |`,
  );
  const starters = STARTERS.map(
    ({ id, name, leaves }) =>
      `| \`${id}\` | ${name} | ${Object.entries(leaves)
        .map(([path, text]) => `\`${path}\` \`${text}\``)
        .join(', ')} |`,
  );
  return [
    '# The draft of a plan, `oyakata-draft` version 4',
    '',
    'The planning form as it is typed: every leaf is text, and an empty one takes what Oyakata proposes. `./oyakata calc next`',
    'takes leaves by their path. `N` is the place of a row, from 0. Made by `npm run schemas`.',
    '',
    '| leaf | begins with | options |',
    '| --- | --- | --- |',
    ...rows,
    '',
    '## Starters',
    '',
    '| id | name | leaves |',
    '| --- | --- | --- |',
    ...starters,
    '',
  ].join('\n');
}
