import type { MeasuringWords } from '../../gauging';
import type { Plan } from '../../plan';
import type { RealDrive, TechniqueWords, Way } from '../../technique';
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
