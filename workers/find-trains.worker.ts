import Fraction from 'fraction.js';
import { findTrains, type FoundTrain } from '@/core/machine/gearing/find-trains';
import type { Mounting } from '@/core/machine/gearing/mounting';
import { answerWith } from './answer-with';

/** What is asked of the search of a stock for change gears; ratios are exact, as text. */
export interface TrainRequest {
  stock: readonly number[];
  wanted: string;
  most: number;
  mounting: Mounting;
}

answerWith<TrainRequest, FoundTrain[]>(({ stock, wanted, most, mounting }, progress) =>
  findTrains({
    stock,
    wanted: new Fraction(wanted),
    most,
    mounting,
    progress: (share) => {
      progress(share);
      return false;
    },
  }),
);
