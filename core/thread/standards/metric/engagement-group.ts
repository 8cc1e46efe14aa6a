import { NORMAL_ENGAGEMENT } from './iso965-tables';
import type { EngagementGroup, MetricThread } from '../thread';

/**
 * Limits of the normal group in mm (ISO 965-1, table 2; for pitches that are not listed clause 9: 2.24 P d^0.2 to
 * 6.7 P d^0.2, d the lower end of the diameter step).
 */
export function normalEngagementMm(thread: MetricThread): { min: number; max: number } {
  const pitchMm = thread.pitch.valueOf();
  const step = NORMAL_ENGAGEMENT.find(
    (row) => thread.nominalDiameter > row.overMm && thread.nominalDiameter <= row.upToMm,
  );
  const listed = step?.normalMm[pitchMm];
  if (listed !== undefined) return { min: listed[0], max: listed[1] };
  const diameterMm = step?.overMm ?? thread.nominalDiameter;
  return { min: 2.24 * pitchMm * diameterMm ** 0.2, max: 6.7 * pitchMm * diameterMm ** 0.2 };
}

/** Over the first limit and up to the second is normal. */
export function engagementGroup(thread: MetricThread, lengthMm: number): EngagementGroup {
  const { min, max } = normalEngagementMm(thread);
  if (lengthMm <= min) return 'S';
  return lengthMm > max ? 'L' : 'N';
}
