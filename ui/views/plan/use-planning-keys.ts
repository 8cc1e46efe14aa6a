'use client';

import { useEffect, useMemo, useRef } from 'react';
import { PLAN_STAGES, type PlanStageId } from '@/core/exercise/plan/draft';
import type { Thread } from '@/core/thread/standards/thread';
import type { KeyBinding } from '@/ui/shell/use-keys';
import { stageTitle } from './stage-results';

/** The single keys of the planning view. `passes` is how many there are. */
export function usePlanningKeys({
  passes,
  thread,
  onPass,
  onStage,
  onTab,
  onHandOut,
}: {
  passes: number;
  thread: Thread | null;
  onPass: (next: (now: number | null) => number) => void;
  onStage: (stage: PlanStageId) => void;
  onTab: (tab: string) => void;
  onHandOut: () => void;
}): readonly KeyBinding[] {
  // Read when a key is pressed: the list of keys is the same list while one types.
  const last = useRef(passes);
  useEffect(() => {
    last.current = passes;
  }, [passes]);
  return useMemo(
    () => [
      {
        key: '.',
        does: 'Next pass',
        run: () => onPass((now) => Math.min((now ?? last.current) + 1, last.current)),
      },
      { key: ',', does: 'Pass before', run: () => onPass((now) => Math.max((now ?? last.current) - 1, 0)) },
      ...PLAN_STAGES.map(({ id }, index) => ({
        key: String((index + 1) % 10),
        does: stageTitle(id, thread),
        run: () => onStage(id),
      })),
      { key: 'd', does: 'Drawing of the stage', run: () => onTab('stage') },
      { key: 's', does: 'Section', run: () => onTab('section') },
      { key: 'p', does: 'Table of passes', run: () => onTab('passes') },
      { key: 'c', does: 'Chart of infeed and chip', run: () => onTab('chart') },
      { key: 'l', does: 'Limits of the thread and its mate', run: () => onTab('tables') },
      { key: 'r', does: 'Rules of thumb for the depth', run: () => onTab('rules') },
      { key: 'm', does: 'Machine: gearing, dial, speed', run: () => onTab('machine') },
      { key: 'w', does: 'Which lathe can do it', run: () => onTab('lathes') },
      { key: 'f', does: 'What if: faults and what they leave', run: () => onTab('what-if') },
      { key: 'g', does: 'Is it fair? Tried many times over', run: () => onTab('fair') },
      { key: 'h', does: 'Hand out', run: onHandOut },
    ],
    [thread, onPass, onStage, onTab, onHandOut],
  );
}
