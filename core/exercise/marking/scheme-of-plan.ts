import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import type { Plan } from '../plan/plan';
import type { SectionPoints } from '../plan/read/read-plan-form';
import { USUAL_WEIGHT } from '../plan/read/read-proof';
import type { Sheet } from '../sheet/sheet';
import { linesOf } from './rules-5';
import { SCHEME_STARTERS } from './scheme-starters';
import { MOST_LINES, SECTIONS, type Scheme, type SchemeLine, type SectionId } from './scheme';

/** What a plan says of weights: its evidence, and its steps. */
export type WeighedParts = Pick<Plan, 'proof' | 'steps'>;

const pointsIn = (points: SectionPoints, id: SectionId): number =>
  ({
    worksheet: points.worksheet ?? 0,
    'set-up': points.setUp,
    passes: points.passes,
    result: points.result,
    talk: points.talk ?? 0,
  })[id];

const TITLES: Readonly<Record<SectionId, string>> = {
  worksheet: 'Worksheet',
  'set-up': 'Set-up',
  passes: 'Passes',
  result: 'Result',
  talk: 'Questions',
};

/** A scheme as a plan uses it: with the plan's points of each section, and the weights that the plan gives itself. */
export function schemeOfPlan(scheme: Scheme, points: SectionPoints, plan: WeighedParts): Scheme {
  const sections = SECTIONS.flatMap((id) => {
    const most = pointsIn(points, id);
    const title = scheme.sections.find((section) => section.id === id)?.title ?? TITLES[id];
    return most === 0 ? [] : [{ id, title, points: most }];
  });
  return {
    ...scheme,
    sections,
    lines: ownWeights(plan).reduce(withWeight, [
      ...scheme.lines.filter(({ section }) => pointsIn(points, section) > 0),
    ]),
  };
}

/** The scheme that a plan names, as it uses it. */
export const schemeFor = (points: SectionPoints, plan: WeighedParts): Scheme =>
  schemeOfPlan(SCHEME_STARTERS[points.scheme ?? 'usual'], points, plan);

interface OwnWeight {
  id: string;
  /** The line whose ways of falling it takes. */
  like: string;
  weight: number;
}

/** A weight that is the usual one says nothing; the scheme's own stands. */
function ownWeights({ steps, proof }: WeighedParts): OwnWeight[] {
  return [
    ...steps.flatMap(({ id, weight }) =>
      weight === null ? [] : [{ id: `step:${id}`, like: 'step:*', weight }],
    ),
    ...proof.evidence.flatMap(({ id, kind, weight }) => {
      if (weight === USUAL_WEIGHT) return [];
      const measured = EVIDENCE_DATA[kind].recordedAs === 'measurement';
      return [{ id: measured ? 'size' : `evidence:${id}`, like: measured ? 'size' : 'evidence:*', weight }];
    }),
  ];
}

function withWeight(lines: SchemeLine[], { id, like, weight }: OwnWeight): SchemeLine[] {
  if (lines.some((line) => line.id === id))
    return lines.map((line) => (line.id === id ? { ...line, weight } : line));
  const model = lines.find((line) => line.id === like);
  return model === undefined ? lines : [...lines, { ...model, id, weight }];
}

/** So many lines a piece by this sheet would have, where that is too many; null where it is not. */
export function tooManyLines(scheme: Scheme, sheet: Sheet): string | null {
  const count = linesOf(scheme, sheet).length;
  return count <= MOST_LINES && scheme.lines.length <= MOST_LINES
    ? null
    : `The mark would have ${Math.max(count, scheme.lines.length)} lines; at most ${MOST_LINES}. Take steps or weights out.`;
}
