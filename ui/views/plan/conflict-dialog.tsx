'use client';

import { differingFields } from '@/core/exercise/plan/plan-schema';
import { leafOf, stageOf, withLeaf, type PlanForm } from '@/core/exercise/plan/draft';
import { TwoVersions } from '@/ui/kit/two-versions';
import type { DraftConflict } from './draft-backup';
import { stageTitle } from './stage-results';

/** Both versions of a draft that two windows changed. */
export default function ConflictDialog({
  conflict: { here, there },
  onSettle,
  open,
  onOpenChange,
}: {
  conflict: DraftConflict;
  onSettle: (chosen: PlanForm) => void;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  return (
    <TwoVersions
      title="Two versions of this exercise"
      description="Another window saved while you typed here. Both are kept: choose for each field, then save."
      fields={differingFields(here, there).map((field) => ({
        id: field,
        label: placeOf(field),
        here: leafOf(here, field),
        there: leafOf(there, field),
      }))}
      onSettle={(chosen) =>
        onSettle(chosen.reduce((form, field) => withLeaf(form, field, leafOf(there, field)), here))
      }
      open={open}
      onOpenChange={onOpenChange}
    />
  );
}

/** Stage and field, once where they are called alike. */
function placeOf(field: string): string {
  if (field === 'title') return 'Exercise';
  const stage = stageTitle(stageOf(field), null);
  return stage.toLowerCase() === wordsOf(field) ? stage : `${stage}: ${wordsOf(field)}`;
}

/** @example wordsOf('work.end.width') // 'end width' */
function wordsOf(field: string): string {
  if (field === 'title') return 'exercise';
  const names = field.split('.').filter((name) => !/^\d+$/.test(name));
  const said = names.length > 1 ? names.slice(1) : names;
  return said.join(' ').replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}
