import { isKind, type Entry } from '../../record/entry/entry';
import type { Sheet } from '../../sheet/sheet';
import type { Judgement } from '../mark-line';
import type { Conduct } from '../rules-2/facts/conduct-of';
import type { StopKept } from '../rules-2/facts/stops-kept';

/** Checks whose "no" says that every cut more spoils the part; of nut, crest, dye and gauge "not yet" is the normal answer. */
const MUST_BE_RIGHT: readonly string[] = ['pitch', 'form'];

/** Stops that were reached: kept, passed over, or answered no and cut past. Null where the plan has none, or none was reached. */
export function judgeStops(
  sheet: Sheet,
  { stops, cuts }: Conduct,
  entries: readonly Entry[],
): Judgement | null {
  const reached = stops.filter(({ state }) => state !== 'ahead');
  if (sheet.stops.length === 0 || reached.length === 0) return null;
  const at = (entry: Entry) => entries.indexOf(entry);
  const cutPast = ({ stop, entries: answers }: StopKept) => {
    if (!MUST_BE_RIGHT.includes(stop.check)) return [];
    const said = answers.filter(isKind('stop'));
    return cuts.filter(({ entry, infeed }) => {
      const before = said.findLast((answer) => at(answer) < at(entry));
      return infeed > 1e-9 && before?.content.answer === 'no';
    });
  };
  const judged = reached.map((each) => {
    const past = cutPast(each);
    const kept = each.state === 'kept' && past.length === 0;
    const why = past.length > 0 ? 'answered no and cut past' : 'passed over';
    return { each, past, kept, why: `${each.stop.title.toLowerCase()}: ${why}` };
  });
  const lost = judged.filter(({ kept }) => !kept);
  const kept = judged.length - lost.length;
  return {
    id: 'passes:stops',
    title: 'Stops kept',
    share: kept / judged.length,
    reason: `${kept} of ${judged.length} stops kept${lost.length === 0 ? '' : `; ${lost.map(({ why }) => why).join('; ')}`}.`,
    evidence: judged.flatMap(({ each, past }) => [
      ...each.entries.map(({ id }) => id),
      ...past.map(({ entry }) => entry.id),
    ]),
  };
}
