import { fairness, type Fairness } from '@/core/cutting/fair/fairness';
import type { FairCase } from '@/core/cutting/fair/fair-case';
import { answerWith } from './answer-with';

/** What is asked of the many tries of an exercise. */
export interface FairRequest {
  fair: FairCase;
  tries: number;
  seed: number;
}

answerWith<FairRequest, Fairness>(({ fair, tries, seed }, progress) =>
  fairness(fair, { tries, seed, progress }),
);
