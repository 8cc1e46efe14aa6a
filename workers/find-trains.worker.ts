import Fraction from 'fraction.js';
import { findTrains } from '@/core/gearing';
import type { TrainAnswer, TrainRequest } from './find-trains-protocol';

/** How often progress is told, as a share of the whole. */
const STEP = 0.02;

const tell = (answer: TrainAnswer) => self.postMessage(answer);

self.onmessage = ({ data }: MessageEvent<TrainRequest>) => {
  const { id, stock, wanted, most, mounting } = data;
  let told = 0;
  const trains = findTrains({
    stock,
    wanted: new Fraction(wanted),
    most,
    mounting,
    progress: (share) => {
      if (share - told >= STEP) tell({ id, tag: 'progress', share: (told = share) });
      return false;
    },
  });
  tell({ id, tag: 'found', trains });
};
