import { roundTo } from '@/core/base/units/round';
import { lengthIn } from '@/core/base/units/length';
import { cutThread, deepestPose, layerAfter, type CutThread } from '@/core/cutting/cut/cut-thread';
import { rescueOf, type Rescue } from '@/core/cutting/cut/rescue';
import { radialDepthFor } from '@/core/thread/depth/radial-depth';
import type { Pose } from '@/core/thread/geometry/pose';
import { moveProfile, type Profile } from '@/core/thread/geometry/profile';
import { radians } from '@/core/base/units/angle';
import { sheetDepth, sheetFrame, tipOfSize } from '../../sheet/sheet-geometry';
import type { Sheet } from '../../sheet/sheet';
import { isKind, type Entry } from '../entry/entry';
import { eventData } from '../entry/events';
import { cutsOf } from '../state/cuts';
import { grooveOfRecord } from '../state/groove-of-record';
import { figureAtDepth } from '../state/feed';
import { inOrderOfWork } from '../state/leading';
import { stillGives, type StillGives } from './still-gives';
import type { Prediction } from '../state/predict';

/** Why nothing can be said of a groove. */
type NotKnown = 'depth' | 'second-groove' | 'pitch' | 'flanks' | 'set-up';

/** What the groove as it was cut still allows. Lengths in the thread's unit, figures of dials in theirs. */
export type RescueFound =
  | { found: 'not-known'; why: NotKnown }
  | ({ found: 'saveable'; toTarget: boolean; plan: RescuePlan; drawing: RescueDrawing } & Margins)
  | ({ found: 'not-saveable'; tooDeep: boolean; gives: StillGives[]; drawing: RescueDrawing } & Margins);

interface Margins {
  /** Metal left on the flank toward the headstock and on the other; negative: missing. */
  toHeadstock: number;
  toTailstock: number;
  mayBeOff: number;
}

/** How a tool that was nested in the groove comes to where it has to cut. */
export interface RescuePlan {
  /** Along the axis from there, toward the headstock positive; 0: it stays in the groove. */
  move: number;
  /** The same by the compound and the cross slide, in + and out -, as the dials read; null where the carriage alone moves. */
  slides: { compound: number; crossSlide: number } | null;
  flank: 'leading' | 'trailing' | 'both';
  /** Figures of the dial that feeds, from zeros taken anew there. */
  rows: number[];
}

export interface RescueDrawing {
  cut: Profile;
  wanted: Profile;
}

/** A hand nests and reads no nearer along the axis: common practice. */
const NESTING = { in: 0.002, mm: 0.05 } as const;
/** Below it the compound hardly moves along the axis. */
const FLATTEST_DEG = 5;

/** Whether the groove as it was cut still lies inside the one that is wanted, and how to get there; else what the work still gives. */
export function rescueOfRecord(
  sheet: Sheet,
  entries: readonly Entry[],
  { figuredFor, asSet }: Prediction,
): RescueFound {
  const live = inOrderOfWork(entries);
  const { cuts, segment, ...cut } = cutsOf(sheet, live);
  const thread = cut.thread();
  // What was recorded of the set-up does not explain what was seen: the groove is not as it is reckoned.
  const why = grooveOfRecord(sheet, entries).staircase
    ? 'set-up'
    : notKnown(sheet, live, cuts, segment.foretells);
  if (why !== null) return { found: 'not-known', why };
  const { flankAngleDeg, pitch, unit, side } = sheet.thread;
  const tip = tipOfRecord(sheet, live);
  const depthFor = (pitchDiameter: number) =>
    radialDepthFor(
      { ...sheetDepth(sheet), ...(tip !== null && { tip }), workDiameter: figuredFor },
      pitchDiameter,
    );
  const known = segment.found;
  // Measured since the last cut, with the compound as planned: how far the zero was off is known.
  const off =
    known !== null && known.cut === cuts.at(-1)?.entry.id && asSet === sheet && sheet.tip.known
      ? depthFor((known.size.min + known.size.max) / 2) - deepestPose(thread.poses).y
      : 0;
  const poses = thread.poses.map(({ x, y, start }): Pose => ({ x: x - start * pitch, y: y + off, start: 0 }));
  const { pitchDiameter } = sheet.limits;
  const wanted = depthFor(sheet.targetPitchDiameter);
  const most = depthFor(side === 'external' ? pitchDiameter.min : pitchDiameter.max);
  const toTarget = rescueOf(poses, wanted, flankAngleDeg);
  const rescue = toTarget.saveable ? toTarget : rescueOf(poses, most, flankAngleDeg);
  const depth = toTarget.saveable ? wanted : most;
  const deepest = deepestPose(poses);
  const drawing = drawn(thread, poses, { x: deepest.x + rescue.shift, y: depth, start: 0 });
  const { toHeadstock, toTailstock, mayBeOff } = rescue;
  const margins = { toHeadstock, toTailstock, mayBeOff };
  if (!rescue.saveable) {
    const gives = stillGives(sheet, poses, {
      figuredFor,
      depthCase: { ...sheetDepth(sheet), ...(tip !== null && { tip }) },
    });
    return { found: 'not-saveable', tooDeep: deepest.y > most + 1e-9, gives, drawing, ...margins };
  }
  const plan = planOf(sheet, deepest, { rescue, depth, nesting: NESTING[unit] });
  return { found: 'saveable', toTarget: toTarget.saveable, plan, drawing, ...margins };
}

function notKnown(
  sheet: Sheet,
  live: readonly Entry[],
  cuts: ReturnType<typeof cutsOf>['cuts'],
  foretells: boolean,
): NotKnown | null {
  if (cuts.length === 0 || cuts.some(({ depth }) => depth === null)) return 'depth';
  if (!foretells) return 'flanks';
  const beside = live
    .filter(isKind('event'))
    .some(({ content }) => eventData(content.event)?.besideMark === true && content.touched === true);
  if (beside) return 'second-groove';
  const pitchStops = new Set(sheet.stops.filter(({ check }) => check === 'pitch').map(({ id }) => id));
  const said = live
    .filter(isKind('stop'))
    .filter(({ content }) => pitchStops.has(content.stopId))
    .at(-1);
  return said?.content.answer === 'no' ? 'pitch' : null;
}

function tipOfRecord(sheet: Sheet, live: readonly Entry[]) {
  const found = live.filter(isKind('refigure')).findLast(({ content }) => content.what === 'tip');
  return found === undefined ? null : tipOfSize(sheet, Math.min(found.content.value, sheet.thread.pitch));
}

/** From the nested tool to the line on which its feed ends in the middle of what is left, and the rows from there. */
function planOf(
  sheet: Sheet,
  deepest: Pose,
  { rescue, depth, nesting }: { rescue: Rescue; depth: number; nesting: number },
): RescuePlan {
  const { angleDeg } = sheet.feed;
  const { fed, leading } = sheetFrame(sheet);
  const tan = Math.tan(radians(angleDeg));
  // Fed on from where it is nested, without moving, the tool ends here.
  const straightOn = deepest.x + fed * (depth - deepest.y) * tan;
  const middle = deepest.x + rescue.shift;
  const stays = Math.abs(straightOn - middle) <= Math.max(0, rescue.mayBeOff - nesting) + 1e-9;
  const move = stays ? 0 : middle - straightOn;
  const { dial } = sheet.lathe;
  const shown = (travel: number) =>
    roundTo(lengthIn({ value: travel, unit: sheet.thread.unit }, dial.graduation.unit), 5);
  const compound = angleDeg < FLATTEST_DEG ? null : (fed * move) / Math.sin(radians(angleDeg));
  const end = move === 0 ? straightOn : middle;
  const side = end - deepest.x;
  const { value: graduation } = dial.graduation;
  const stood = figureAtDepth(sheet, deepest.y);
  const last = figureAtDepth(sheet, depth);
  const figures = sheet.passes
    .filter(({ kind, start, dialReading }) => kind !== 'spring' && start === 1 && dialReading.value > stood)
    .map(({ dialReading }) => dialReading.value)
    .filter((figure) => figure < last - graduation / 2);
  return {
    move,
    slides:
      move === 0 || compound === null
        ? null
        : { compound: shown(compound), crossSlide: shown(-compound * Math.cos(radians(angleDeg))) },
    flank: Math.abs(side) < nesting / 4 ? 'both' : Math.sign(side) === leading ? 'leading' : 'trailing',
    rows: [...figures, last]
      .map((figure) => roundTo(Math.floor((figure - stood) / graduation + 1e-6) * graduation, 6))
      .filter((figure, index, all) => figure > 0 && figure !== all[index - 1]),
  };
}

function drawn({ cutCase }: CutThread, poses: readonly Pose[], wanted: Pose): RescueDrawing {
  const alone = { ...cutCase, starts: 1 };
  const around = (at: readonly Pose[]) => {
    const { lead, ...thread } = cutThread(alone, at);
    const profile = layerAfter({ lead, ...thread });
    return [...moveProfile(profile, -lead, 0), ...profile, ...moveProfile(profile, lead, 0)];
  };
  return { cut: around(poses), wanted: around([wanted]) };
}
