import type { MeasuringWords } from '@/core/measuring/gauging/measuring-words';
import type { Plan } from '../../plan/plan';
import type { BookRecord } from '../../plan/plan-book';
import type { ToolDocument } from '@/core/thread/tool/tool-document';
import type { RealDrive } from '@/core/machine/technique/drives';
import type { TechniqueWords } from '@/core/machine/technique/technique-words';
import type { Way } from '@/core/machine/technique/way';
import type { Sheet } from '../sheet';

/** What the steps are made of: the plan, its way on this lathe, and the numbers of the sheet. */
export interface StepCase {
  plan: Plan;
  way: Way;
  drive: RealDrive;
  sheet: Omit<Sheet, 'steps' | 'words' | 'worksheet'>;
  measuring: MeasuringWords;
  /** The tool of the shop's book that the plan names. */
  tool: BookRecord<ToolDocument> | null;
  words: TechniqueWords;
}
