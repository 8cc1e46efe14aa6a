import { array, number, object, string } from 'yup';
import { bitesOf } from '@/core/cutting/cut/bites';
import { cutFeeds } from '@/core/cutting/cut/cut-feeds';
import { measuredOverWires, measureThread } from '@/core/cutting/cut/measure-thread';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { bestWire, leadAngleCorrection, type WireCase } from '@/core/measuring/gauging/three-wires';
import type { CutThread } from '@/core/cutting/cut/cut-thread';
import type { Tip } from '@/core/thread/tool/tip';
import { compoundAngle, positive, readTip, shape, tip, withoutId } from './request';

/** The form of ISO 68-1 and ASME B1.1; its tool feeds toward the leading flank, which is the fed one here. */
export const FLANK_ANGLE_DEG = 30;

/** The fields of what was cut. */
export const GROOVE_FIELDS = {
  side: string()
    .strict()
    .typeError('side must be "external" or "internal".')
    .oneOf(['external', 'internal'], 'side must be "external" or "internal".')
    .required('side is missing.'),
  unit: string()
    .strict()
    .typeError('unit must be "in" or "mm".')
    .oneOf(['in', 'mm'], 'unit must be "in" or "mm".')
    .required('unit is missing.'),
  pitch: positive().required('pitch is missing.'),
  workDiameter: positive().required('workDiameter is missing.'),
  tip: tip(),
  // Also the wrong axis: 60 where 30 was meant.
  compoundAngle: compoundAngle(85),
  feeds: array(
    number()
      .strict()
      .typeError('${path} must be a number.')
      .min(0, '${path} can not be negative: a pass feeds or feeds nothing.')
      .required('A feed is missing.'),
  )
    .strict()
    .typeError('feeds must be a list of compound feeds, one for each pass.')
    .min(1, 'feeds must hold at least one pass.')
    .max(500, 'At most 500 passes.')
    .required('feeds is missing.'),
};

const schema = object(GROOVE_FIELDS).strict().noUnknown('There is no such field: ${unknown}.');

/** In millimetres: what is cut on any lathe with a single point lies well within. */
const BELIEVABLE = { pitch: { least: 0.05, most: 200 }, workDiameter: { least: 0.1, most: 20_000 } };
/** In pitches: a tool wider than this cuts no thread, and the deepest one on any axis needs less. */
const WIDEST_TIP = 3;
const DEEPEST = 4;

/** Sizes beyond belief are refused before anything is computed: neighbouring turns overlap without number there. */
function refuseUnbelievable(
  unit: string,
  pitch: number,
  workDiameter: number,
  edge: Tip,
  feeds: readonly number[],
): ReturnType<typeof bad> | null {
  const inMm = unit === 'in' ? 25.4 : 1;
  for (const [field, value] of Object.entries({ pitch, workDiameter })) {
    const { least, most } = BELIEVABLE[field as keyof typeof BELIEVABLE];
    if (value * inMm < least || value * inMm > most)
      return bad(field, 'out-of-range', `${field} must lie between ${least} and ${most} mm.`);
  }
  const width = edge.kind === 'flat' ? edge.flat : edge.kind === 'radius' ? 2 * edge.radius : 0;
  if (width > WIDEST_TIP * pitch)
    return bad('tip', 'out-of-range', `tip can be ${WIDEST_TIP} pitches wide at most.`);
  if (feeds.reduce((sum, feed) => sum + feed, 0) > DEEPEST * pitch)
    return bad('feeds', 'out-of-range', `feeds can add up to ${DEEPEST} pitches at most.`);
  return null;
}

/** What was cut, as it is asked for. */
interface GrooveRequest {
  side: string;
  unit: string;
  pitch: number;
  workDiameter: number;
  tip: { flat?: number | undefined; radius?: number | undefined };
  compoundAngle: number;
  feeds: readonly number[];
}

/** The groove of a request by the exact envelope; what nobody can have cut is refused. */
export function grooveCut(
  request: GrooveRequest,
): Result<{ thread: CutThread; side: 'external' | 'internal'; pitch: number; tip: Tip }> {
  const { pitch, workDiameter, compoundAngle, feeds } = request;
  const side = request.side === 'internal' ? 'internal' : 'external';
  const edge = readTip(request.tip);
  const beyond = refuseUnbelievable(request.unit, pitch, workDiameter, edge, feeds);
  if (beyond !== null) return beyond;
  let reading = 0;
  const cuts = feeds.map((feed) => ({ reading: (reading += feed), start: 0 }));
  const groove = {
    pitch,
    starts: 1,
    tip: edge,
    flankAngleDeg: FLANK_ANGLE_DEG,
    compoundAngleDeg: compoundAngle,
    fed: 1,
  } as const;
  const thread = cutFeeds(groove, { side, workDiameter }, cuts);
  const deepest = thread.poses.at(-1)?.y ?? 0;
  return side === 'external' && 2 * deepest >= workDiameter
    ? bad('feeds', 'out-of-range', 'feeds go beyond the axis of the work.')
    : good({ thread, side, pitch, tip: edge });
}

/**
 * `{"side":"external","unit":"in","pitch":0.1,"workDiameter":0.75,"tip":{"flat":0.0125},"compoundAngle":30,"feeds":[0.002,0.01]}`:
 * what a 60 degree tool of one start leaves, by the exact envelope of its positions. A feed is one pass's, not cumulative.
 */
export function calcGroove(request: unknown): Result<object> {
  const read = shape(schema, withoutId(request));
  if (!read.ok) return read;
  const cut = grooveCut(read.value);
  if (!cut.ok) return cut;
  const { thread, side, pitch } = cut.value;
  const measured = measureThread(thread);
  const wires: WireCase = {
    pitch,
    lead: pitch,
    wire: bestWire(pitch, FLANK_ANGLE_DEG),
    flankAngleDeg: FLANK_ANGLE_DEG,
    side,
  };
  const sized = measured.pitchDiameter !== null;
  return good({
    passes: thread.passes.map(({ removed, depth }, index) => {
      const { fed, tip: front, other } = bitesOf(thread, index);
      return {
        removedArea: removed,
        leadingArea: fed.area,
        tipArea: front.area,
        trailingArea: other.area,
        leadingThickness: fed.thickness,
        tipThickness: front.thickness,
        trailingThickness: other.thickness,
        radialDepth: depth,
      };
    }),
    pitchDiameter: measured.pitchDiameter,
    [side === 'external' ? 'minorDiameter' : 'majorDiameter']: measured.rootDiameter,
    ...(side === 'external' ? {} : { minorDiameter: measured.crestDiameter }),
    wire: wires.wire,
    overWires: sized ? measuredOverWires(thread, wires) : null,
    leadAngleCorrection:
      measured.pitchDiameter === null ? null : leadAngleCorrection(wires, measured.pitchDiameter),
    crestFlat: measured.crestFlat,
    flankAngles: { leading: measured.fed?.angleDeg ?? null, trailing: measured.other?.angleDeg ?? null },
    flankFormError: { leading: measured.fed?.formError ?? null, trailing: measured.other?.formError ?? null },
  });
}
