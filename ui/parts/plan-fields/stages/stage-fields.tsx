'use client';

import { memo } from 'react';
import type { PlanStageId } from '@/core/exercise/plan/draft';
import { BlankFields } from './blank-fields';
import { CompoundFields } from './compound-fields';
import { HoldingFields } from './holding-fields';
import { MarksFields } from './marks-fields';
import { PassesFields } from './passes-fields';
import { ProofFields } from './proof-fields';
import { ShownFieldsProvider } from '../shown-fields';
import { StageNotes } from './stage-notes';
import { StepFields } from './step-fields';
import { TechniqueFields } from './technique-fields';
import { ThreadFields } from './thread-fields';
import { ToolFields } from './tool-fields';
import { WorksheetFields } from './worksheet-fields';

const STAGE_FIELDS: Record<PlanStageId, () => React.JSX.Element> = {
  thread: ThreadFields,
  blank: BlankFields,
  holding: HoldingFields,
  technique: TechniqueFields,
  tool: ToolFields,
  compound: CompoundFields,
  target: ProofFields,
  passes: PassesFields,
  worksheet: WorksheetFields,
  steps: StepFields,
  marks: MarksFields,
};

/** The few fields of the chosen stage, with what they lead to. */
export const StageFields = memo(function StageFields({ stage }: { stage: PlanStageId }) {
  const Fields = STAGE_FIELDS[stage];
  return (
    <ShownFieldsProvider>
      <StageNotes stage={stage} />
      <Fields />
    </ShownFieldsProvider>
  );
});
