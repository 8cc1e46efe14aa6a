import type { MeasuringWords } from '../../gauging/measuring-words';
import type { Plan } from '../../plan/plan';
import type { RealDrive } from '../../technique/choices';
import type { TechniqueWords } from '../../technique/technique-words';
import type { Way } from '../../technique/way';
import type { Sheet } from '../sheet';

/** What the steps are made of: the plan, its way on this lathe, and the numbers of the sheet. */
export interface StepCase {
  plan: Plan;
  way: Way;
  drive: RealDrive;
  sheet: Omit<Sheet, 'steps' | 'words' | 'worksheet'>;
  measuring: MeasuringWords;
  words: TechniqueWords;
}
