import { isKind } from '../../../record/entry/entry';
import { PART, shareOfPart } from '../../fall';
import { notSeen, type LineKind } from '../line-kind';

/** Whether the steps before the first cut came in the order of the plan: of each two neighbours, the earlier one first. */
export const orderLine: LineKind = {
  kind: 'order',
  section: 'set-up',
  judges: 'The order of the steps before the first cut',
  usual: PART,
  falls: ['part', 'all'],
  asked: ({ steps }) => (steps.filter(({ when }) => when === 'before-cutting').length > 1 ? [''] : []),
  title: () => 'Order of the set-up',
  judge({ sheet, live, at }, { fall }) {
    const asked = sheet.steps.filter(({ when }) => when === 'before-cutting').map(({ id }) => id);
    const first = new Map<string, number>();
    for (const entry of live)
      if ((isKind('step')(entry) || isKind('sign-off')(entry)) && !first.has(entry.content.stepId))
        first.set(entry.content.stepId, at(entry));
    const done = asked.filter((id) => first.has(id));
    if (done.length < 2) return notSeen();
    const pairs = done.slice(1).map((id, index) => ({ id, before: done[index] ?? '' }));
    const turned = pairs.filter(({ id, before }) => (first.get(id) ?? 0) < (first.get(before) ?? 0));
    const titleOf = (id: string) => sheet.steps.find((step) => step.id === id)?.title ?? id;
    const kept = pairs.length - turned.length;
    return {
      share: shareOfPart(fall, kept, pairs.length),
      reason:
        turned.length === 0
          ? `${done.length} steps in their order.`
          : `${kept} of ${pairs.length} steps after the one before it; ${turned.map(({ id, before }) => `“${titleOf(id)}” came before “${titleOf(before)}”`).join(', ')}.`,
      ...(turned.length === 0 ? {} : { needed: 'Each step after the one that the sheet puts before it.' }),
      evidence: [],
    };
  },
};
