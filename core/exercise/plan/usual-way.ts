import type { FrameCase } from '@/core/thread/geometry/frame';
import type { Thread } from '@/core/thread/standards/thread';

/**
 * How a thread is cut where the plan says nothing else: with the tool in front, toward the headstock; a left-hand one
 * away from it, out of its groove, with the spindle forward (common practice).
 */
export function usualWay({ hand }: Pick<Thread, 'hand'>): Omit<FrameCase, 'side' | 'hand'> {
  return {
    direction: hand === 'left' ? 'away-from-headstock' : 'toward-headstock',
    toolSide: 'front',
    compoundSide: 'usual',
  };
}
