import { array, number, object, string } from 'yup';
import { radialDepthOf } from '@/core/thread/compound/compound';
import { depthCaseOf, pitchDiameterAt } from '@/core/thread/depth/radial-depth';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { bestWire, wireCaseOf } from '@/core/measuring/gauging/three-wires';
import { graduationsIn, travelOf } from '@/core/machine/lathe/dial-count';
import type { Dial } from '@/core/machine/lathe/lathe';
import { constantAreaRows, fewestRoughing, type ExactRow } from '@/core/cutting/schedule/exact-rows';
import { constantInfeedRows, twoThirdsRows } from '@/core/cutting/schedule/school-rows';
import { lastGraduation, passesOnDial, rowsOnDial } from '@/core/cutting/schedule/passes-on-dial';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf, type Thread } from '@/core/thread/standards/thread';
import { threadLimits } from '@/core/thread/standards/limits';
import { calcDepth } from './calc-depth';
import { compoundAngle, positive, readThread, readTip, shape, thread, tip, withoutId } from './request';

const METHODS = ['constant-area', 'constant-infeed', 'steps'] as const;

const whole = (name: string, min: number, max: number) =>
  number()
    .strict()
    .typeError(`${name} must be a whole number.`)
    .integer(`${name} must be a whole number.`)
    .min(min, `${name} must be ${min} to ${max}.`)
    .max(max, `${name} must be ${min} to ${max}.`);

const schema = object({
  thread: thread(),
  workDiameter: positive().required('workDiameter is missing.'),
  tip: tip(),
  compoundAngle: compoundAngle(45),
  pitchDiameter: positive().required('pitchDiameter is missing.'),
  method: string()
    .strict()
    .typeError(`method must be one of ${METHODS.join(', ')}.`)
    .oneOf(METHODS, `method must be one of ${METHODS.join(', ')}.`)
    .required('method is missing.'),
  passes: whole('passes', 1, 200),
  graduation: positive().required('graduation is missing.'),
  scratch: number().strict().typeError('scratch must be a number.').min(0, 'scratch can not be negative.'),
  finishing: array(positive().required('A finishing infeed is missing.'))
    .strict()
    .typeError('finishing must be a list of infeeds.')
    .max(50, 'At most 50 finishing passes.'),
  spring: whole('spring', 0, 50),
})
  .strict()
  .noUnknown('There is no such field: ${unknown}.');

/** The customary largest first bite where no number of passes is asked for; common practice. */
const LARGEST = { in: 0.01, mm: 0.26 } as const;

/** After two thirds of the feed the infeed falls to this share, 0.005 to 0.002 in; common practice. */
const SECOND_SHARE = 0.4;

/**
 * A schedule on a dial that reads the slide's own travel. `passes` counts all passes that feed, scratch and finishing
 * included; without it the fewest that keep the customary largest infeed. Every reading is rounded by itself.
 */
export function calcSchedule(request: unknown): Result<object> {
  const read = shape(schema, withoutId(request));
  if (!read.ok) return read;
  const { workDiameter, compoundAngle, pitchDiameter, graduation, spring = 0 } = read.value;
  const { scratch = 0, finishing = [], passes: asked } = read.value;
  const feed = calcDepth({
    thread: read.value.thread,
    workDiameter,
    tip: read.value.tip,
    compoundAngle,
    pitchDiameter,
  }) as Result<{ compoundFeed: number }>;
  if (!feed.ok) return feed;
  const parsed = readThread(read.value.thread);
  if (!parsed.ok) return parsed;
  const { unit } = parsed.value;
  const totalFeed = feed.value.compoundFeed;
  const edge = readTip(read.value.tip);
  const groove = grooveOf(parsed.value, edge, compoundAngle);
  const toFinish = finishing.reduce((sum, each) => sum + each, 0);
  const roughEnd = totalFeed - toFinish;
  if (roughEnd - scratch <= 0)
    return bad(
      'finishing',
      'out-of-range',
      'scratch and finishing take the whole feed: nothing is left to rough.',
    );
  const roughing = asked === undefined ? null : asked - (scratch > 0 ? 1 : 0) - finishing.length;
  if (roughing !== null && roughing < 1)
    return bad(
      'passes',
      'out-of-range',
      'passes counts scratch and finishing too: at least one is for roughing.',
    );
  const rough = roughRows(read.value.method, {
    groove,
    roughEnd,
    scratch,
    roughing,
    largest: LARGEST[unit],
    graduation,
  });
  if (rough === null)
    return bad('passes', 'not-reachable', 'No number of passes up to 60 keeps the customary largest infeed.');
  const rows: ExactRow[] = [...rough];
  let at = roughEnd;
  for (const infeed of finishing) rows.push({ kind: 'finish', infeed, reading: (at += infeed) });
  for (let k = 0; k < spring; k += 1) rows.push({ kind: 'spring', infeed: 0, reading: totalFeed });
  const dial: Dial = {
    graduation: { value: graduation, unit },
    perTurn: { value: graduation * 1000, unit },
    reads: 'travel',
    counts: 'up',
  };
  const depthCase = depthCaseOf(parsed.value, workDiameter, edge);
  const landing = (count: number) =>
    pitchDiameterAt(depthCase, radialDepthOf(travelOf(count, dial).value, compoundAngle));
  const last = lastGraduation(
    graduationsIn({ value: totalFeed, unit }, dial),
    landing,
    threadLimits(parsed.value).pitchDiameter,
  );
  if (last < 1) return bad('graduation', 'out-of-range', 'graduation is coarser than the whole feed.');
  const onDial = rowsOnDial(
    rows.map(({ kind, infeed, reading }) => ({
      kind,
      infeed: { value: infeed, unit },
      reading: { value: reading, unit },
    })),
    dial,
    last,
  );
  const all = passesOnDial(onDial, dial, {
    unit,
    groove,
    work: depthCase,
    wires: wireCaseOf(parsed.value, bestWire(pitchOf(parsed.value), formOf(parsed.value).flankAngleDeg)),
    tipKnown: true,
  });
  return good({
    passes: all.map((pass, index) => ({
      n: index + 1,
      kind: pass.kind,
      ...(parsed.value.starts > 1 ? { start: pass.start } : {}),
      infeed: pass.infeed,
      reading: pass.reading,
      radialDepth: pass.radialDepth,
      chipArea: pass.chipArea,
      pitchDiameter: pass.pitchDiameter,
      overWires: pass.overWires,
      crestFlat: pass.crestFlat,
    })),
    totalFeed,
  });
}

function grooveOf(parsed: Thread, edge: ReturnType<typeof readTip>, compoundAngleDeg: number) {
  return {
    pitch: pitchOf(parsed),
    starts: parsed.starts,
    tip: edge,
    flankAngleDeg: formOf(parsed).flankAngleDeg,
    compoundAngleDeg,
    fed: 1,
  } as const;
}

interface RoughCase {
  groove: ReturnType<typeof grooveOf>;
  roughEnd: number;
  scratch: number;
  /** Null: the fewest that keep the largest infeed. */
  roughing: number | null;
  largest: number;
  graduation: number;
}

/** The scratch and roughing rows of a method, to where finishing begins. */
function roughRows(method: (typeof METHODS)[number], rough: RoughCase): ExactRow[] | null {
  const { groove, roughEnd, scratch, roughing, largest, graduation } = rough;
  const settable = (infeed: number) => Math.max(1, Math.floor(infeed / graduation + 1e-9)) * graduation;
  const order = { groove, totalFeed: roughEnd, scratch, finishing: 0, finishingInfeed: 0, spring: 0 };
  if (method === 'constant-area') {
    const count = roughing ?? fewestRoughing(order, largest);
    return count === null ? null : constantAreaRows({ ...order, roughing: count });
  }
  const left = roughEnd - scratch;
  if (method === 'constant-infeed')
    return constantInfeedRows(order, roughing === null ? settable(largest / 2) : left / roughing);
  if (roughing === null)
    return twoThirdsRows(order, settable(largest / 2), settable((largest / 2) * SECOND_SHARE));
  return stepsIn(order, roughing);
}

/** Steps in so many passes: as many large ones as reach two thirds of the feed, the rest of them smaller by the usual share. */
function stepsIn(order: Parameters<typeof twoThirdsRows>[0], roughing: number): ExactRow[] | null {
  const left = order.totalFeed - order.scratch;
  const toTwoThirds = (2 / 3) * order.totalFeed - order.scratch;
  if (roughing === 1 || toTwoThirds <= 0) return constantInfeedRows(order, left / roughing);
  // With k large infeeds a to two thirds and the rest at the usual share, a = two thirds / k; the k that comes nearest.
  const large = Math.max(
    1,
    Math.min(
      roughing - 1,
      Math.round((roughing * toTwoThirds * SECOND_SHARE) / (left - toTwoThirds + toTwoThirds * SECOND_SHARE)),
    ),
  );
  const rows: ExactRow[] =
    order.scratch > 0 ? [{ kind: 'scratch', infeed: order.scratch, reading: order.scratch }] : [];
  let at = order.scratch;
  const add = (infeed: number) => rows.push({ kind: 'rough', infeed, reading: (at += infeed) });
  for (let k = 0; k < large; k += 1) add(toTwoThirds / large);
  for (let k = large; k < roughing; k += 1) add((left - toTwoThirds) / (roughing - large));
  return rows;
}
