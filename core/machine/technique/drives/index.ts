import { byId } from '@/core/base/documents/by-id';
import type { DriveData } from './drive-data';
import { halfNutDrive } from './half-nut';
import { reversingDrive } from './reversing';
import { tripDrive } from './trip';

/** Every way of driving between two cuts, in the order in which they are offered; the only place that lists them. */
const LIST = [halfNutDrive, reversingDrive, tripDrive] as const;

/** How a cut is really driven; a plan may leave it free. */
export type RealDrive = (typeof LIST)[number]['id'];
export type Drive = RealDrive | 'free';

export const REAL_DRIVES: readonly RealDrive[] = LIST.map(({ id }) => id);
export const DRIVES: readonly Drive[] = [...REAL_DRIVES, 'free'];

export const DRIVE_DATA: Readonly<Record<RealDrive, DriveData>> = byId(LIST);

/** What most plans have, and what every lathe can do (common practice). */
export const USUAL_DRIVE: RealDrive = halfNutDrive.id;
export const SURE_DRIVE: RealDrive = reversingDrive.id;

export const catchesMarks = (drive: Drive | 'unknown' | null | undefined): boolean =>
  drive !== 'free' && drive !== 'unknown' && drive != null && DRIVE_DATA[drive].catchesMarks;
