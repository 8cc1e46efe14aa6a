'use client';

import { memo } from 'react';
import type { PlanStageId } from '@/core/plan';
import { BlankFields } from './blank-fields';
import { CompoundFields } from './compound-fields';
import { MarksFields } from './marks-fields';
import { PassesFields } from './passes-fields';
import { SpeedFields } from './speed-fields';
import { TargetFields } from './target-fields';
import { ThreadFields } from './thread-fields';
import { ToolFields } from './tool-fields';

const STAGE_FIELDS: Record<PlanStageId, () => React.JSX.Element> = {
  thread: ThreadFields,
  blank: BlankFields,
  tool: ToolFields,
  compound: CompoundFields,
  target: TargetFields,
  passes: PassesFields,
  speed: SpeedFields,
  marks: MarksFields,
};

/** The few fields of the chosen stage, with what they lead to. */
export const StageFields = memo(function StageFields({ stage }: { stage: PlanStageId }) {
  const Fields = STAGE_FIELDS[stage];
  return <Fields />;
});
