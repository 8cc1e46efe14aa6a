import Fraction from 'fraction.js';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import type { ReadThread } from '../read-thread';
import { METRIC_COARSE, metricSeriesOf } from './metric-series';
import type { EngagementGroup, MetricClass, MetricThread, Side } from '../thread';

const SHAPE =
  /^m\s?(?<size>\d+(?:\.\d+)?)(?:\s?x\s?(?:ph\s?(?<lead>\d*\.?\d+)\s?p\s?(?<multiPitch>\d*\.?\d+)|(?<pitch>\d*\.?\d+)))?(?<rest>.*)$/i;
const CLASS = /^(\d)([efghGH])(?:(\d)([efghGH]))?/;

/** ISO metric threads: `M16`, `M16x2`, `M20×1.5-6H`, `M20x1.5-5g6g`, `M20x1.5-LH`, `M20xPh5P2.5-6g`, `M20x2-7H-L`. */
export function parseMetric(typed: string, field: string): Result<ReadThread> {
  const shape = SHAPE.exec(typed)?.groups;
  if (shape === undefined) {
    return bad(
      field,
      'unreadable',
      `“${typed}” is not a metric thread. Type it like M16x2-6g or M20x1.5-6g.`,
    );
  }
  if (/^,\d/.test(shape.rest ?? '')) {
    return bad(field, 'decimal-comma', `Use a decimal point: ${typed.replace(/(\d),(\d)/g, '$1.$2')}.`);
  }
  const diameterMm = Number(shape.size);
  const sizeLabel = String(diameterMm);
  if (diameterMm < 1 || diameterMm > 355)
    return bad(field, 'out-of-range', `M${shape.size}: type M1 to M355.`);
  const pitchText = shape.multiPitch ?? shape.pitch ?? METRIC_COARSE[sizeLabel]?.toString();
  if (pitchText === undefined) {
    return bad(
      field,
      'unknown-size',
      `M${sizeLabel} has no coarse pitch in ISO 261: type the pitch, such as M${sizeLabel}x1.5.`,
    );
  }
  const pitch = new Fraction(pitchText);
  if (pitch.compare(new Fraction(2, 10)) < 0 || pitch.compare(8) > 0) {
    return bad(field, 'out-of-range', `Pitch ${pitchText}: type 0.2 to 8 mm.`);
  }
  if (diameterMm <= 1.3 * pitch.valueOf()) {
    return bad(field, 'out-of-range', `Pitch ${pitchText} is too coarse for M${sizeLabel}: no core is left.`);
  }
  const starts = shape.lead === undefined ? new Fraction(1) : new Fraction(shape.lead).div(pitch);
  if (starts.d !== 1n || starts.n < 1n || starts.n > 12n) {
    return bad(field, 'out-of-range', `Lead ${shape.lead} is not a whole number of pitches of ${pitchText}.`);
  }
  const rest = readRest(shape.rest ?? '', field);
  if (!rest.ok) return rest;
  const thread: MetricThread = {
    system: 'metric',
    unit: 'mm',
    sizeLabel,
    nominalDiameter: diameterMm,
    pitch,
    starts: Number(starts.n),
    hand: rest.value.hand,
    side: rest.value.side,
    series: metricSeriesOf(sizeLabel, pitch.valueOf()),
    toleranceClass: rest.value.toleranceClass,
    engagement: rest.value.engagement,
  };
  return good({ thread, assumed: rest.value.assumed });
}

interface Rest {
  toleranceClass: MetricClass;
  side: Side;
  hand: 'right' | 'left';
  engagement: EngagementGroup;
  assumed: string[];
}

function readRest(text: string, field: string): Result<Rest> {
  let rest = text.trim().replace(/^-\s?/, '');
  const hand = /(^|[ -])lh$/i.test(rest) ? 'left' : 'right';
  rest = rest.replace(/[ -]*(lh|rh)$/i, '');
  const group = /(^|[ -])([SNL])$/i.exec(rest);
  const engagement = (group?.[2]?.toUpperCase() ?? 'N') as EngagementGroup;
  if (group !== null) rest = rest.slice(0, group.index).replace(/[ -]+$/, '');
  if (rest === '') {
    const toleranceClass = { pitchGrade: 6, crestGrade: 6, position: 'g' };
    return good({ toleranceClass, side: 'external', hand, engagement, assumed: ['class 6g'] });
  }
  const match = CLASS.exec(rest);
  if (match === null || match[0] !== rest) {
    return bad(
      field,
      'unreadable',
      `“${rest}” is no tolerance class: type 6g, 6h, 5g6g (external) or 6H, 5H (internal).`,
    );
  }
  const [, pitchGrade, position = '', crestGrade = pitchGrade, crestPosition = position] = match;
  const side: Side = position === position.toUpperCase() ? 'internal' : 'external';
  if (crestPosition !== position) {
    return bad(
      field,
      'unsupported',
      `Both positions of ${rest} must be the same letter: type ${pitchGrade}${position}${crestGrade}${position}.`,
    );
  }
  const grades =
    side === 'external' ? { pitch: [3, 9], crest: [4, 6, 8] } : { pitch: [4, 8], crest: [4, 5, 6, 7, 8] };
  const pitchNumber = Number(pitchGrade);
  if (pitchNumber < (grades.pitch[0] ?? 0) || pitchNumber > (grades.pitch[1] ?? 0)) {
    return bad(
      field,
      'out-of-range',
      `Grade ${pitchGrade}: ISO 965-1 has ${grades.pitch[0]} to ${grades.pitch[1]} for the pitch diameter.`,
    );
  }
  if (!grades.crest.includes(Number(crestGrade))) {
    const list = grades.crest.join(', ');
    return bad(
      field,
      'out-of-range',
      `Grade ${crestGrade} for the crest: ISO 965-1 has ${list}. Write both, such as 5${position}6${position}.`,
    );
  }
  const toleranceClass = { pitchGrade: pitchNumber, crestGrade: Number(crestGrade), position };
  return good({ toleranceClass, side, hand, engagement, assumed: [] });
}
