import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import type { Plan } from '../plan/plan';
import type { SectionPoints } from '../plan/read/read-plan-form';
import { USUAL_WEIGHT } from '../plan/read/read-proof';
import type { Sheet } from '../sheet/sheet';
import { wrongInFall } from './fall';
import { linesOf } from './rules-5';
import { wrongInScale } from './scale';
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
      ...scheme.lines
        .map((line) =>
          isTalk(line) && pointsIn(points, 'talk') > 0 ? { ...line, section: 'talk' as const } : line,
        )
        .filter(({ section }) => pointsIn(points, section) > 0),
    ]),
  };
}

/** Questions and help stand with the result, until they have points of their own. */
const isTalk = ({ id }: SchemeLine): boolean => id === 'ask' || id === 'help';

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

/** Why no piece can be marked by a scheme on a sheet: numbers out of order, or too many lines; null where all is well. */
export function wrongInScheme(scheme: Scheme, sheet: Sheet): string | null {
  const sum = scheme.sections.reduce((all, { points }) => all + points, 0);
  if (sum !== 100) return `The sections make ${sum}; they must make 100.`;
  const scale = wrongInScale(scheme.scale);
  if (scale !== null) return `The scale “${scheme.scale.name}”: ${scale}`;
  for (const { id, title, fall } of scheme.lines) {
    const wrong = wrongInFall(fall);
    if (wrong !== null) return `The line “${title ?? id}”: ${wrong}`;
  }
  const asked = linesOf(scheme, sheet);
  const idle = scheme.sections.find(({ id }) => asked.every(({ line }) => line.section !== id));
  if (idle !== undefined)
    return `“${idle.title}” has ${idle.points} points, and “${scheme.name}” judges nothing of this plan there: give it 0.`;
  const count = Math.max(asked.length, scheme.lines.length);
  return count <= MOST_LINES
    ? null
    : `The mark would have ${count} lines; at most ${MOST_LINES}. Take steps or weights out.`;
}
