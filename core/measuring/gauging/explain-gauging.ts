import type { Why } from '@/core/base/explain/why';
import { crestLimits, type ThreadLimits } from '@/core/thread/standards/thread-limits';
import { formOf } from '@/core/thread/standards/systems';
import { leadOf, pitchOf, type Thread } from '@/core/thread/standards/thread';
import { formatLength } from '@/core/base/units/format-length';
import { radians } from '@/core/base/units/angle';
import { gaugeSizes, leadAngleMatters } from './other-gauges';
import {
  bestWire,
  leadAngleCorrection,
  leadAngleDeg,
  overWires,
  plainLeadAngleCorrection,
  wireCaseOf,
  wireErrorFactor,
  wireRange,
} from './three-wires';

/** Factor of the wire and of the pitch in the measurement: M = d2 + factor w - ground P (inside with the signs turned). */
function factors(thread: Thread): { wire: number; ground: number } {
  const { flankAngleDeg } = formOf(thread);
  return {
    wire: Number(wireErrorFactor(flankAngleDeg, thread.side).toFixed(5)),
    ground: Number((1 / Math.tan(radians(flankAngleDeg)) / 2).toFixed(6)),
  };
}

/** The reason behind a measurement over three wires, or over two balls inside, for one pitch diameter. */
export function explainOverWires(thread: Thread, wire: number, pitchDiameter: number): Why {
  const { unit } = thread;
  const show = (value: number, extra = 0) => formatLength({ value, unit }, unit, extra);
  const external = thread.side === 'external';
  const { flankAngleDeg } = formOf(thread);
  const wireCase = wireCaseOf(thread, wire);
  const correction = show(leadAngleCorrection(wireCase, pitchDiameter), 2);
  const factor = factors(thread);
  const best = bestWire(pitchOf(thread), flankAngleDeg);
  const angle = `a = ${flankAngleDeg}°`;
  const [minus, plus] = external ? ['+', '−'] : ['−', '+'];
  return {
    title: external ? 'Measurement over three wires' : 'Measurement over two balls',
    formula: external
      ? `M = d2 + w (1 + 1 / sin a) − (P / 2) cot a + lead-angle correction;  ${angle}: d2 + ${factor.wire} w − ${factor.ground} P`
      : `M = D2 − w (1 / sin a − 1) + (P / 2) cot a + lead-angle correction;  ${angle}: D2 − ${factor.wire} w + ${factor.ground} P`,
    numbers: `${show(pitchDiameter)} ${minus} ${factor.wire} × ${show(wire, 1)} ${plus} ${factor.ground} × ${show(pitchOf(thread), 2)} + ${correction} = ${show(overWires(wireCase, pitchDiameter))} ${unit}`,
    source: `ASME B1.2; lead-angle correction exact, the ${external ? 'wire' : 'ball'} on the helicoid (handbook formula: ${show(plainLeadAngleCorrection(wireCase, pitchDiameter), 2)})`,
    assumes: `${external ? 'Three equal wires' : 'Two equal balls'} of ${show(wire, 1)} ${unit}, flanks of ${flankAngleDeg}°. Best ${show(best, 1)}.`,
  };
}

export type GaugingQuantity = 'best' | 'range' | 'over' | 'lead' | 'gauges';

/** The reasons behind what is looked up for measuring a thread: wires, lead angle, gauges. */
export function explainGauging(thread: Thread, limits: ThreadLimits): Record<GaugingQuantity, Why> {
  const { unit } = thread;
  const show = (value: number, extra = 0) => formatLength({ value, unit }, unit, extra);
  const form = formOf(thread);
  const pitch = pitchOf(thread);
  const external = limits.side === 'external';
  const piece = external ? 'wire' : 'ball';
  const best = bestWire(pitch, form.flankAngleDeg);
  const { pitchDiameter } = limits;
  const most = external ? 'max' : 'min';
  const crest = crestLimits(limits)[most];
  const range = wireRange(form, pitch, crest, pitchDiameter[most]);
  const middle = (pitchDiameter.min + pitchDiameter.max) / 2;
  const lead = leadAngleMatters(thread, limits, best);
  const gauges = gaugeSizes(limits);
  const over = explainOverWires(thread, best, pitchDiameter.max);
  return {
    best: {
      title: `Best ${piece}`,
      formula: `w = P / (2 cos a);  a = ${form.flankAngleDeg}°`,
      numbers: `${show(pitch, 2)} / (2 × ${Math.cos(radians(form.flankAngleDeg)).toFixed(6)}) = ${show(best, 1)} ${unit}`,
      source: 'ASME B1.2; geometry',
      assumes: 'It touches the flanks at the pitch line, so that an error of the flank angle counts least.',
    },
    range: {
      title: `Usable ${piece}s`,
      formula:
        'least: (2 c + (P / 2) cot a) / (1 + 1 / sin a);  most: 2 (P / 4 + s tan a) / cos a;  c crest over the pitch line, s straight flank over it',
      numbers: `c = |${show(crest)} − ${show(pitchDiameter[most])}| / 2: ${show(range.min)} to ${show(range.max)} ${unit}`,
      source: 'Geometry; ASME B1.2 asks for contact on the flanks',
      assumes: `A smaller ${piece} sinks below the crest, a larger one rides on its edge. A real crest away from the limit moves the range.`,
    },
    over: {
      ...over,
      numbers: `at the largest pitch diameter ${over.numbers};  at the smallest ${show(overWires(wireCaseOf(thread, best), pitchDiameter.min))} ${unit}`,
    },
    lead: {
      title: 'Lead-angle correction',
      formula: 'exact: wire on the helicoid;  plain: (w / 2) (l / (π d2))² cos a cot a',
      numbers: `lead ${show(leadOf(thread), 1)}, lead angle ${leadAngleDeg(leadOf(thread), middle).toFixed(3)}°: exact ${show(lead.correction, 2)}, plain ${show(lead.plain, 2)} ${unit}`,
      source: 'Own derivation of the exact value; plain formula of NBS Handbook H28 and ASME B1.2',
      assumes: 'It matters when it is over a tenth of the tolerance (common practice).',
    },
    gauges: {
      title: external ? 'GO and NO-GO rings' : 'GO and NO-GO plugs',
      formula: external ? 'GO = largest d2;  NO-GO = smallest d2' : 'GO = smallest D2;  NO-GO = largest D2',
      numbers: `GO ${show(gauges.go)}, NO-GO ${show(gauges.noGo)} ${unit}`,
      source: 'ASME B1.2, ISO 1502: basic pitch diameters',
      assumes: 'Without the tolerance and wear of the gauge itself.',
    },
  };
}
