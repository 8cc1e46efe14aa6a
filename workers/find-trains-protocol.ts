import type { FoundTrain, Mounting } from '@/core/gearing';

/** What is asked of the worker that searches a stock for change gears; ratios are exact, as text. */
export interface TrainRequest {
  id: number;
  stock: readonly number[];
  wanted: string;
  most: number;
  mounting: Mounting;
}

/** What it answers: how far it is, then what it found. A stopped search is simply ended with its worker. */
export type TrainAnswer =
  { id: number; tag: 'progress'; share: number } | { id: number; tag: 'found'; trains: FoundTrain[] };
