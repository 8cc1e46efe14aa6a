import { idealForm } from '../cut/ideal-form';
import { FORM_60 } from '@/core/thread/standards/thread-form';
import { HELD, TRUE_SETUP } from '@/core/test/setup';
import { cutAt, profileOver } from './cut-setup';
import { evidenceOf, type Evidence } from './evidence-of';
import { FAULT_IDS, FAULTS, faultData, faultsFor, withFaults, type FaultId } from './faults';
import { foulBy } from './nut-over';

const found = (id: FaultId, amount?: number, from = 6): Evidence =>
  evidenceOf(withFaults(TRUE_SETUP, [{ id, amount: amount ?? faultData(id).usual(TRUE_SETUP), from }]), HELD);
const right = evidenceOf(TRUE_SETUP, HELD);
const off = ({ overWires }: Evidence, place = 0) => (overWires[place] ?? NaN) - HELD.overWires.target;

test('a true thread: gauge agrees, wires in the band, nut free, flanks alike', () => {
  expect(right).toMatchObject({ pitchGauge: 'agrees', nut: 'free', flanks: 'alike' });
  expect(right.overWires[0]).toBeGreaterThan(HELD.overWires.min);
  expect(right.overWires[0]).toBeLessThan(HELD.overWires.max);
  expect(right.crestDiameter).toBe(15.9);
});

/** The table of faults of the trade: how each looks and what it measures (common practice). */
test('compound from the wrong axis: right pitch, a staircase, shallow, over wires makes no sense', () => {
  const wrong = found('compound-axis');
  expect(wrong).toMatchObject({ pitchGauge: 'agrees', nut: 'will-not-start', flanks: 'unlike' });
  expect(wrong.flankAngles[0]).toBeCloseTo(30, 6);
  expect(wrong.flankAngles[1]).toBeGreaterThan(55);
  expect(off(wrong)).toBeGreaterThan(0.4);
});

test('tool not square: the thread leans, half angles unequal, their sum right', () => {
  const wrong = found('tool-not-square');
  expect(wrong.flanks).toBe('leaning');
  // The flank of the staircase is fitted through its steps: a twentieth of a degree.
  expect(Math.abs((wrong.flankAngles[0] ?? 0) + (wrong.flankAngles[1] ?? 0) - 60)).toBeLessThan(0.05);
});

test('off centre height: a small error of the size', () => {
  expect(Math.abs(off(found('off-centre-height')) - off(right))).toBeLessThan(0.03);
  expect(found('off-centre-height').flankAngles[0]).toBeGreaterThan(30);
});

test('wrong gears: the gauge shows light, over wires is right for the pitch that is not, the nut stops', () => {
  const wrong = found('wrong-gearing');
  expect(wrong.pitchGauge).toBe('shows-light');
  expect(off(wrong)).toBeCloseTo(off(right), 6);
  expect(['jams', 'will-not-start']).toContain(wrong.nut);
  // Two per cent off use up the play over the length.
  expect(found('wrong-gearing', 1.96).nut).not.toBe('free');
});

test('a wrong mark: a second groove; half a pitch off the gauge of twice the threads fits', () => {
  const wrong = found('wrong-mark');
  expect(wrong).toMatchObject({ pitchGauge: 'doubled', flanks: 'doubled' });
  // The first groove ends at 0.88 of feed, the second, a pitch's half and the drift of the compound beside it, at 1.4894:
  // where the flanks of the two meet on the wider side, the crest is left.
  const angle = (29.5 * Math.PI) / 180;
  const apart = 1 + (1.4894 - 0.88) * Math.sin(angle);
  const level = ((0.88 + 1.4894) / 2) * Math.cos(angle) - (apart - 0.25) / 2 / Math.tan(Math.PI / 6);
  expect(wrong.crestDiameter).toBeCloseTo(15.9 - 2 * level, 2);
  // A whole pitch beside is the same groove.
  expect(found('wrong-mark', 1)).toMatchObject({ pitchGauge: 'agrees', nut: 'free' });
});

test('cross slide not at zero: deeper than the log says', () => {
  // By hand: 1.4 of feed at 29.5 degrees and 0.5 straight in, against 1.4894 of feed; on the diameter twice that.
  const deeper = 0.5 - (1.4894 - 1.4) * Math.cos((29.5 * Math.PI) / 180);
  expect(off(found('cross-slide-turn-off', 0.5, 9)) - off(right)).toBeCloseTo(-2 * deeper, 3);
});

test('backlash: log and wires disagree by twice what was lost', () => {
  const lost = 0.1;
  const depth = lost * Math.cos((29.5 * Math.PI) / 180);
  expect(off(found('backlash', lost)) - off(right)).toBeCloseTo(2 * depth, 3);
});

test('bending: large at the free end, right at the chuck', () => {
  const wrong = found('bending');
  expect(off(wrong, 0)).toBeGreaterThan(off(wrong, 1));
  expect(off(wrong, 1)).toBeGreaterThan(off(wrong, 2));
  expect(off(wrong, 2)).toBeCloseTo(off(right), 9);
  // A cantilever gives by the cube of its length: 0.08 at the end, an eighth of it in the middle; on the diameter twice.
  expect(off(wrong, 0) - off(right)).toBeCloseTo(0.16, 3);
  expect(off(wrong, 1) - off(right)).toBeCloseTo(0.02, 3);
});

test('blank too large: the nut will not start; too small: play and a thin crest diameter', () => {
  expect(found('blank-too-large').nut).toBe('will-not-start');
  expect(found('blank-too-large').crestDiameter).toBeGreaterThan(HELD.crest.max);
  expect(found('blank-too-small').nut).toBe('wobbles');
  expect(found('blank-too-small').crestDiameter).toBeLessThan(HELD.crest.min);
});

/** The pitch diameter is off by 1.732 times the error of the flat (geometry). */
test('a tip too sharp stays tight at full depth, one too blunt is loose early', () => {
  expect(off(found('tip-too-sharp', 0.1)) - off(right)).toBeCloseTo(Math.sqrt(3) * 0.15, 3);
  expect(off(found('tip-too-blunt', 0.35)) - off(right)).toBeCloseTo(-Math.sqrt(3) * 0.1, 3);
  expect(found('tip-too-sharp').nut).toBe('will-not-start');
});

test('over-cut wobbles, under-cut does not go on', () => {
  expect(found('over-cut', 0.2).nut).toBe('wobbles');
  expect(['tight', 'will-not-start']).toContain(found('under-cut', 0.15).nut);
});

test('the part moved: a second groove', () => {
  expect(found('part-moved')).toMatchObject({ pitchGauge: 'doubled', flanks: 'doubled' });
});

test('a plunge sets no angle, so that none can be set from the wrong axis', () => {
  const ids = (compoundAngleDeg: number) =>
    faultsFor({ ...TRUE_SETUP, compoundAngleDeg }).map(({ id }) => id);
  expect(ids(29.5)).toEqual([...FAULT_IDS]);
  expect(ids(0)).toEqual(FAULT_IDS.filter((id) => id !== 'compound-axis'));
});

test('faults add up, and none leaves the set-up as it is', () => {
  expect(withFaults(TRUE_SETUP, [])).toBe(TRUE_SETUP);
  const both = withFaults(TRUE_SETUP, [
    { id: 'blank-too-small', amount: 0.2, from: 0 },
    { id: 'tool-not-square', amount: 3, from: 0 },
  ]);
  expect([both.workDiameter, both.tiltDeg]).toEqual([expect.closeTo(15.7, 9) as number, 3]);
});

test('every fault has a usual amount within its most, and changes something', () => {
  expect(FAULTS.map(({ id }) => id)).toEqual([...FAULT_IDS]);
  for (const fault of FAULTS) {
    const amount = fault.usual(TRUE_SETUP);
    if (fault.amount !== null) expect(amount).toBeLessThanOrEqual(fault.amount.most(TRUE_SETUP) + 1e-12);
    expect(fault.set(TRUE_SETUP, amount, 6)).not.toEqual(TRUE_SETUP);
  }
});

test('the profile runs over so many pitches without gaps, bent or not', () => {
  for (const setup of [TRUE_SETUP, withFaults(TRUE_SETUP, [{ id: 'bending', amount: 0.08, from: 0 }])]) {
    const profile = profileOver(setup, 5);
    expect([profile[0]?.x0, profile.at(-1)?.x1]).toEqual([
      expect.closeTo(0, 9) as number,
      expect.closeTo(10, 9) as number,
    ]);
    profile.forEach((piece, index) => expect(piece.x0).toBeCloseTo(profile[index - 1]?.x1 ?? 0, 9));
  }
});

/** By geometry: a mate whose pitch diameter is larger by 0.1 than a sharp true part passes with 0.05 to spare on a side. */
test('how a mate goes over a part', () => {
  const part = (nominalDiameter: number) =>
    idealForm({ form: FORM_60, pitch: 2, nominalDiameter, side: 'external', workDiameter: 16 });
  expect(foulBy(part(15.9), part(16), 2)).toBeCloseTo(-0.05, 6);
  expect(foulBy(part(16.06), part(16), 2)).toBeCloseTo(0.03, 6);
});

test('a cut beside moves with the pitch that is cut', () => {
  const setup = withFaults(TRUE_SETUP, [
    { id: 'wrong-gearing', amount: 1.5, from: 0 },
    { id: 'wrong-mark', amount: 0.5, from: 10 },
  ]);
  expect((cutAt(setup).poses[9]?.x ?? 0) - (cutAt(setup).poses[8]?.x ?? 0)).toBeCloseTo(
    0.75 + (1.4894 - 1.4) * Math.sin((29.5 * Math.PI) / 180),
    9,
  );
});
