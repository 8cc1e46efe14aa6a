import { cutOn, uncut, type CutThread } from '../cut/cut-thread';
import { tipAt } from '../groove/groove-case';
import { constantAreaRows, type ExactRow } from '../schedule/exact-rows';
import { constantInfeedRows, twoThirdsRows } from '../schedule/school-rows';
import { LIMIT_IDS, type LimitId } from './limits';
import { brokenBy, loadOf, passLoads, type LoadCase, type PassLoad } from './pass-loads';

/** What a schedule has to reach. All lengths in mm, of the slide that feeds. */
export interface ReachOrder {
  totalFeed: number;
  /** 0: none. */
  scratch: number;
  finishing: number;
  finishingInfeed: number;
  spring: number;
  graduation: number;
}

/** A way of sharing the feed out: as much as the limits bear each time, or one of the schools. */
export const REACH_SCHOOLS = ['bears', 'constant-area', 'constant-infeed', 'two-thirds'] as const;
export type ReachSchool = (typeof REACH_SCHOOLS)[number];

export interface Reached {
  rows: ExactRow[];
  loads: PassLoad[];
  /** For each row the limit that allowed no more; null where it was the end of the feed, or the school. */
  bound: (LimitId | null)[];
}

/** No schedule keeps the limits: at this cut even the smallest infeed that the dial can set is too much, by this limit. */
export interface NotReached {
  at: number;
  by: LimitId[];
}

/** The most passes that are searched. A lesson has no time for more: then this tool on this lathe can not do it. */
const MOST_PASSES = 120;

/**
 * The fewest passes in which a school reaches the end of the feed within all limits. Each reading is a whole graduation.
 * `bears` takes as much each time as the limits bear, which is the fewest of all, since a deeper groove never bears more;
 * a constant infeed is the largest that every pass bears, a constant area the fewest passes that do.
 */
export function fewestPasses(
  school: ReachSchool,
  order: ReachOrder,
  loadCase: LoadCase,
): Reached | NotReached {
  if (school === 'bears') return asMuchAsBears(order, loadCase);
  let worst: NotReached = { at: 0, by: ['infeed'] };
  for (const rows of candidates(school, order, loadCase)) {
    const onDial = rounded(rows, order);
    const loads = passLoads(
      loadCase,
      onDial.map(({ reading }) => ({ reading, start: 0 })),
    );
    const at = loads.findIndex((load, index) => isCut(onDial[index]) && tooMuch(load).length > 0);
    if (at < 0) return { rows: onDial, loads, bound: loads.map(({ binds }) => binds) };
    worst = { at: onDial[at]?.reading ?? 0, by: loads[at] === undefined ? [] : tooMuch(loads[at]) };
  }
  return worst;
}

/** Whether an answer reached the end. */
export const isReached = (answer: Reached | NotReached): answer is Reached => 'rows' in answer;

const isCut = (row: ExactRow | undefined) => row !== undefined && row.kind !== 'spring';

/** Limits that a smaller bite would keep. A chip that is too thin can not be mended by more passes: it is said, and does not stop the search. */
function tooMuch(load: PassLoad): LimitId[] {
  return brokenBy(load).filter((id) => id !== 'thin');
}

function* candidates(
  school: Exclude<ReachSchool, 'bears'>,
  order: ReachOrder,
  { groove }: LoadCase,
): Generator<ExactRow[]> {
  const { graduation, totalFeed } = order;
  if (school === 'constant-area') {
    for (let roughing = 1; roughing <= MOST_PASSES; roughing += 1) {
      const rows = constantAreaRows({ ...order, groove, roughing });
      if (rows !== null) yield rows;
    }
    return;
  }
  const most = Math.min(Math.floor(totalFeed / graduation), 400);
  for (let count = most; count >= 1; count -= 1) {
    const infeed = count * graduation;
    if (totalFeed / infeed > MOST_PASSES) return;
    const rows =
      school === 'constant-infeed'
        ? constantInfeedRows(order, infeed)
        : twoThirdsRows(
            order,
            infeed,
            Math.max(graduation, Math.round((0.4 * infeed) / graduation) * graduation),
          );
    if (rows !== null) yield rows;
  }
}

/** Every reading to its nearest graduation, without rows that the dial can not tell from the one before. */
function rounded(rows: readonly ExactRow[], { graduation }: ReachOrder): ExactRow[] {
  const result: ExactRow[] = [];
  let before = 0;
  for (const row of rows) {
    const reading = Math.round(row.reading / graduation) * graduation;
    if (row.kind !== 'spring' && reading <= before + 1e-9) continue;
    const at = row.kind === 'spring' ? before : reading;
    result.push({ kind: row.kind, infeed: at - before, reading: at });
    before = at;
  }
  return result;
}

function asMuchAsBears(order: ReachOrder, loadCase: LoadCase): Reached | NotReached {
  const { totalFeed, scratch, finishing, finishingInfeed, spring, graduation } = order;
  const toGraduation = (reading: number) => Math.round(reading / graduation) * graduation;
  const end = toGraduation(totalFeed);
  const roughEnd = toGraduation(totalFeed - finishing * finishingInfeed);
  let thread = uncut(loadCase.cut, 0);
  const answer: Reached = { rows: [], loads: [], bound: [] };
  let at = 0;
  const cut = (kind: ExactRow['kind'], reading: number, bound: LimitId | null) => {
    thread = cutOn(thread, tipAt(loadCase.groove, { reading, start: 0 }));
    answer.rows.push({ kind, infeed: reading - at, reading });
    answer.loads.push(loadOf(loadCase, thread, reading - at));
    answer.bound.push(bound);
    at = reading;
  };
  if (scratch > 0) cut('scratch', Math.max(graduation, toGraduation(scratch)), null);
  while (at < roughEnd - graduation / 2) {
    const next = farthest(thread, at, roughEnd, graduation, loadCase);
    if (next.count === 0) return { at, by: next.by };
    if (answer.rows.length >= MOST_PASSES) return { at, by: next.by };
    cut('rough', at + next.count * graduation, next.by[0] ?? null);
  }
  for (let k = 1; k <= finishing; k += 1) {
    const reading = k === finishing ? end : toGraduation(roughEnd + k * finishingInfeed);
    if (reading > at + graduation / 2) cut('finish', reading, null);
  }
  // The scratch pass and the finishing passes are given and can not be made smaller. If one of them is too much, no
  // schedule works: say so.
  const beyond = answer.loads.findIndex((load) => tooMuch(load).length > 0);
  const load = answer.loads[beyond];
  if (load !== undefined) return { at: answer.rows[beyond]?.reading ?? at, by: tooMuch(load) };
  for (let k = 0; k < spring; k += 1) cut('spring', at, null);
  return answer;
}

/**
 * The largest infeed of the next cut, in graduations, and the limit that forbids one more. A deeper cut raises every
 * load; only the limit of the thinnest chip gets easier.
 */
function farthest(
  thread: CutThread,
  at: number,
  end: number,
  graduation: number,
  loadCase: LoadCase,
): { count: number; by: LimitId[] } {
  const brokenAt = (count: number) => {
    const reading = at + count * graduation;
    const after = cutOn(thread, tipAt(loadCase.groove, { reading, start: 0 }));
    return tooMuch(loadOf(loadCase, after, reading - at));
  };
  const left = Math.round((end - at) / graduation);
  if (brokenAt(left).length === 0) return { count: left, by: [] };
  let [low, high] = [0, left];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (brokenAt(middle).length === 0) low = middle;
    else high = middle;
  }
  // The first in the order of the list: a limit that was typed comes before one that is worked out.
  const by = brokenAt(high);
  return { count: low, by: LIMIT_IDS.filter((id) => by.includes(id)) };
}
