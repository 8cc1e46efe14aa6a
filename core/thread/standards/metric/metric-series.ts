import type { MetricSeries } from '../thread';

/** Coarse pitches of ISO 261, mm by nominal diameter in mm. From memory of the printed table. */
// prettier-ignore
export const METRIC_COARSE: Record<string, number> = {
  '1': 0.25, '1.1': 0.25, '1.2': 0.25, '1.4': 0.3, '1.6': 0.35, '1.8': 0.35, '2': 0.4, '2.2': 0.45, '2.5': 0.45,
  '3': 0.5, '3.5': 0.6, '4': 0.7, '4.5': 0.75, '5': 0.8, '6': 1, '7': 1, '8': 1.25, '9': 1.25, '10': 1.5,
  '11': 1.5, '12': 1.75, '14': 2, '16': 2, '18': 2.5, '20': 2.5, '22': 2.5, '24': 3, '27': 3, '30': 3.5,
  '33': 3.5, '36': 4, '39': 4, '42': 4.5, '45': 4.5, '48': 5, '52': 5, '56': 5.5, '60': 5.5, '64': 6, '68': 6,
};

const FROM_4_DOWN = [4, 3, 2, 1.5];

/** Fine pitches of ISO 261, mm by nominal diameter in mm. From memory of the printed table. */
// prettier-ignore
export const METRIC_FINE: Record<string, number[]> = {
  '1': [0.2], '1.1': [0.2], '1.2': [0.2], '1.4': [0.2], '1.6': [0.2], '1.8': [0.2], '2': [0.25], '2.2': [0.25],
  '2.5': [0.35], '3': [0.35], '3.5': [0.35], '4': [0.5], '4.5': [0.5], '5': [0.5], '5.5': [0.5], '6': [0.75],
  '7': [0.75], '8': [1, 0.75], '9': [1, 0.75], '10': [1.25, 1, 0.75], '11': [1, 0.75], '12': [1.5, 1.25, 1],
  '14': [1.5, 1.25, 1], '15': [1.5, 1], '16': [1.5, 1], '17': [1.5, 1], '18': [2, 1.5, 1], '20': [2, 1.5, 1],
  '22': [2, 1.5, 1], '24': [2, 1.5, 1], '25': [2, 1.5, 1], '26': [1.5], '27': [2, 1.5, 1], '28': [2, 1.5, 1],
  '30': [3, 2, 1.5, 1], '32': [2, 1.5], '33': [3, 2, 1.5], '35': [1.5], '36': [3, 2, 1.5], '38': [1.5],
  '39': [3, 2, 1.5], '40': [3, 2, 1.5], '42': FROM_4_DOWN, '45': FROM_4_DOWN, '48': FROM_4_DOWN,
  '50': [3, 2, 1.5], '52': FROM_4_DOWN, '55': FROM_4_DOWN, '56': FROM_4_DOWN, '58': FROM_4_DOWN,
  '60': FROM_4_DOWN, '62': FROM_4_DOWN, '64': FROM_4_DOWN, '65': FROM_4_DOWN, '68': FROM_4_DOWN,
};

/** Whether ISO 261 lists this diameter and pitch as coarse, as fine, or not at all. */
export function metricSeriesOf(sizeLabel: string, pitchMm: number): MetricSeries {
  if (METRIC_COARSE[sizeLabel] === pitchMm) return 'coarse';
  return METRIC_FINE[sizeLabel]?.includes(pitchMm) === true ? 'fine' : 'special';
}
