import type { NotKnownHere } from '../../sheet/not-known-here';
import { meets } from '../../sheet/sheet-step';
import type { Block } from '../entry/block';
import { wasNotUsed } from '../entry/not-used';
import { COMPOUND } from './compound-as-set';
import type { StepProgress } from './step-progress';
import type { StopProgress } from './stop-progress';

/** A wrong value at a step that can ruin the part, a hold point that nobody has looked at, a safety line left open, and what is not known here. */
export function blocksOf(
  steps: readonly StepProgress[],
  stops: readonly StopProgress[],
  isDue: (when: StepProgress['step']['when']) => boolean,
  signedStops: ReadonlySet<string>,
  notKnown: readonly NotKnownHere[],
): Block[] {
  const due = steps.filter(({ step }) => isDue(step.when));
  return [
    ...notKnown
      .filter(({ cut }) => cut)
      .map(({ id, title }): Block => ({ kind: 'not-known', of: 'sheet', id, title })),
    ...due.flatMap(({ step, verdict, signed, entry }): Block[] => {
      const block = { of: 'step', id: step.id, title: step.title } as const;
      if (step.hold && !signed) return [{ kind: 'hold', ...block }];
      if (!step.critical) return [];
      if (verdict === 'wrong') return [{ kind: 'wrong', ...block, ...markSays(step, entry) }];
      const left = entry?.content.kind === 'step' && step.id === COMPOUND && wasNotUsed(entry.content);
      return verdict === 'open' || (verdict === 'not-done' && !left)
        ? [{ kind: 'open-critical', ...block }]
        : [];
    }),
    ...stops
      .filter(({ stop, state }) => stop.hold && state !== 'ahead' && !signedStops.has(stop.id))
      .map(({ stop }): Block => ({ kind: 'hold', of: 'stop', id: stop.id, title: stop.title })),
  ];
}

/** A mark that the other axis would have is named for what it is, the commonest slip at a swivel scale; another names no cause. */
function markSays(
  { id, expected, heldBack }: StepProgress['step'],
  entry: StepProgress['entry'],
): { says?: string } {
  const { content } = entry ?? {};
  if (id !== COMPOUND || heldBack === true || expected === null || content?.kind !== 'step') return {};
  const complement = {
    ...expected,
    min: 90 - (expected.max ?? expected.value),
    max: 90 - (expected.min ?? expected.value),
  };
  if (content.value === null) return {};
  return meets(complement, content.value)
    ? { says: `${content.value}° is the complement, counted from the other axis` }
    : { says: 'set the angle by a protractor from the cross slide; look at both flanks of anything cut so' };
}
