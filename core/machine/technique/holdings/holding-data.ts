import type { Direction } from '@/core/thread/geometry/frame';
import type { Side } from '@/core/thread/standards/thread';

/** One way of holding the part, as data (common practice throughout). */
export interface HoldingData {
  /** A plan stores it: never renamed. */
  id: string;
  /** As it is chosen in planning. */
  option: string;
  /** As a change that lets a lathe do what it could not; null: it is not offered so. */
  offered: string | null;
  /** Outside or inside threads: no centre stands in a bore. */
  sides: readonly Side[];
  /** The free end runs on the tailstock’s centre. */
  tailstock: boolean;
  /** Driven by a dog: the part comes out and goes back by its marks. */
  dog: boolean;
  /** As a beam. */
  support: 'cantilever' | 'propped' | 'between-centres';
  /** What sits on the spindle’s nose, and whether it can come off when a screwed nose turns backward. */
  onNose: 'chuck' | 'plate';
  unscrews: boolean;
  /** What stands nearest behind the run-out. */
  nearest: string;
  /** What is done at the step, and what can hurt there. */
  hold: (external: boolean, through: boolean) => string;
  hazardOfStep: (direction: Direction) => string | null;
  /** While the spindle runs. */
  hazards: readonly string[];
  /** Its name in the drawing from above, and what the drawing of the part shows. */
  fromAbove: string;
  drawn: { jaws: boolean; label: string | null; parallels: boolean };
}
