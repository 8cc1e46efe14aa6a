import type { RealDrive } from '../choices';
import type { DriveData } from './drive-data';
import { halfNutDrive } from './half-nut';
import { reversingDrive } from './reversing';
import { tripDrive } from './trip';

export type { DriveData, EndsBy } from './drive-data';

/** Every way of driving between two cuts; the only place that lists them. */
export const DRIVE_DATA: Record<RealDrive, DriveData> = {
  'half-nut': halfNutDrive,
  reversing: reversingDrive,
  trip: tripDrive,
};
