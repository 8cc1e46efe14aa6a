import { PITCH_TOLERANCE_6 } from './iso965-tables';
import type { EngagementGroup, MetricThread } from '../thread';

/** Limits of the normal group in mm: 2.24 P d^0.2 to 6.7 P d^0.2, d the lower end of the diameter step (ISO 965-1, clause 9). */
export function normalEngagementMm(thread: MetricThread): { min: number; max: number } {
  const pitchMm = thread.pitch.valueOf();
  const step = PITCH_TOLERANCE_6.find(
    (row) => thread.nominalDiameter > row.overMm && thread.nominalDiameter <= row.upToMm,
  );
  const diameterMm = step?.overMm ?? thread.nominalDiameter;
  return { min: 2.24 * pitchMm * diameterMm ** 0.2, max: 6.7 * pitchMm * diameterMm ** 0.2 };
}

export function engagementGroup(thread: MetricThread, lengthMm: number): EngagementGroup {
  const { min, max } = normalEngagementMm(thread);
  if (lengthMm <= min) return 'S';
  return lengthMm > max ? 'L' : 'N';
}
