import type { CutWay } from './cut-way';
import type { Drive } from './drives';

/** One way of cutting a thread: all choices that decide its steps, its pass cycle, its speed and its hazards. */
export interface Way extends CutWay {
  drive: Drive;
}
