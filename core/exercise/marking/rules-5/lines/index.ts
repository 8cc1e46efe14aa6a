import type { LineKind } from '../line-kind';
import { askLine, helpLine, lookLine } from './judged';
import { orderLine } from './order';
import { crestLine, evidenceLine } from './part';
import {
  againstLine,
  eventsLine,
  infeedLine,
  markLine,
  reversalLine,
  scheduleLine,
  springLine,
  stopsLine,
} from './passes';
import { measuringLine, sizeLine, taperLine, targetLine } from './size';
import { stepLine } from './step';
import { timeLine } from './time';
import { worksheetLine } from './worksheet';

/** Every kind of line that this release knows, in the order in which it is offered; the only place that lists them. */
export const LINE_KINDS: readonly LineKind[] = [
  worksheetLine,
  stepLine,
  orderLine,
  scheduleLine,
  infeedLine,
  reversalLine,
  springLine,
  stopsLine,
  againstLine,
  eventsLine,
  markLine,
  timeLine,
  sizeLine,
  targetLine,
  taperLine,
  crestLine,
  evidenceLine,
  measuringLine,
  lookLine,
  askLine,
  helpLine,
];

/** A line's kind, and what of it: `step:compound` is the step `compound`; `schedule` is itself. */
export function kindOfLine(lineId: string): { kind: LineKind | null; of: string } {
  const [kind = '', ...of] = lineId.split(':');
  return { kind: LINE_KINDS.find((each) => each.kind === kind) ?? null, of: of.join(':') };
}
