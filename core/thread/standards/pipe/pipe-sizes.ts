/** A size of ISO 228-1, lengths in mm; from memory of the printed table. */
export interface PipeSize {
  tpi: number;
  majorMm: number;
  /** Height of the thread as printed, from which the other diameters follow. */
  heightMm: number;
  /** Tolerance of the pitch diameter: internal and class A; class B and the external major take twice as much. */
  pitchToleranceMm: number;
  /** Tolerance of the internal minor diameter. */
  minorToleranceMm: number;
}

type Row = [tpi: number, heightMm: number, pitchToleranceMm: number, minorToleranceMm: number];
const TPI_28: Row = [28, 0.581, 0.107, 0.282];
const TPI_19: Row = [19, 0.856, 0.125, 0.445];
const TPI_14: Row = [14, 1.162, 0.142, 0.541];
const TPI_11: Row = [11, 1.479, 0.18, 0.64];
/** From 2 1/4 on the tolerance of the pitch diameter is larger. */
const TPI_11_LARGE: Row = [11, 1.479, 0.217, 0.64];

function size([tpi, heightMm, pitchToleranceMm, minorToleranceMm]: Row, majorMm: number): PipeSize {
  return { tpi, majorMm, heightMm, pitchToleranceMm, minorToleranceMm };
}

export const PIPE_SIZES: Record<string, PipeSize> = {
  '1/16': size(TPI_28, 7.723),
  '1/8': size(TPI_28, 9.728),
  '1/4': size(TPI_19, 13.157),
  '3/8': size(TPI_19, 16.662),
  '1/2': size(TPI_14, 20.955),
  '5/8': size(TPI_14, 22.911),
  '3/4': size(TPI_14, 26.441),
  '7/8': size(TPI_14, 30.201),
  '1': size(TPI_11, 33.249),
  '1 1/8': size(TPI_11, 37.897),
  '1 1/4': size(TPI_11, 41.91),
  '1 1/2': size(TPI_11, 47.803),
  '1 3/4': size(TPI_11, 53.746),
  '2': size(TPI_11, 59.614),
  '2 1/4': size(TPI_11_LARGE, 65.71),
  '2 1/2': size(TPI_11_LARGE, 75.184),
  '2 3/4': size(TPI_11_LARGE, 81.534),
  '3': size(TPI_11_LARGE, 87.884),
  '3 1/2': size(TPI_11_LARGE, 100.33),
  '4': size(TPI_11_LARGE, 113.03),
  '4 1/2': size(TPI_11_LARGE, 125.73),
  '5': size(TPI_11_LARGE, 138.43),
  '5 1/2': size(TPI_11_LARGE, 151.13),
  '6': size(TPI_11_LARGE, 163.83),
};
