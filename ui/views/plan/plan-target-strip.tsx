'use client';

import { memo } from 'react';
import { capital, MEASURING_WORDS } from '@/core/measuring/gauging/measuring-words';
import { Figure } from '@/ui/kit/figure';
import { TargetStrip } from '@/ui/kit/target-strip';
import { STRENGTH_WORDS } from '@/core/measuring/proof/evidence/evidence-data';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { slideOf } from '@/core/machine/technique/slide-of';
import { useShowLength } from '@/ui/units/display-unit';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';
import { usePlanWhys } from '@/ui/parts/plan-fields/use-plan-whys';

/** What the work aims at, always in view while planning; it changes as one types. */
export const PlanTargetStrip = memo(function PlanTargetStrip() {
  const { read, lathe } = usePlanning();
  const show = useShowLength();
  const whys = usePlanWhys();
  const { thread, limits, target, overWires, radialDepth, feed, swivelGraduationDeg, passes } =
    read.evaluation;
  const { chosen, evidence = [] } = read.inputs;
  const slide = slideOf(chosen?.way.infeed ?? 'compound');
  const wires = evidence.some(({ kind }) => kind === 'wires');
  const proof = evidence[0];
  const unit = thread?.unit ?? 'in';
  const words = MEASURING_WORDS[thread?.side ?? 'external'];
  const figures = (value: number | null | undefined) =>
    value === null || value === undefined ? null : show.figures(value, unit);
  const shown = show.unitOf(unit);
  const last = passes?.at(-1);
  // The plan asks for a speed at most; the lathe looked at has its own.
  const { onLathe, timeInRunOut } = read.evaluation;
  const rpm = onLathe?.rpm ?? read.inputs.spindleSpeedRpm;
  const left = onLathe === null ? timeInRunOut : onLathe.timeLeft;
  return (
    <TargetStrip label="Target">
      <Figure
        onDye
        size="large"
        label="Pitch diameter"
        value={figures(target)}
        unit={shown}
        sub={
          limits === null
            ? undefined
            : `${figures(limits.pitchDiameter.min)} – ${figures(limits.pitchDiameter.max)}`
        }
        why={whys.pitchDiameter}
      />
      {wires || proof === undefined ? (
        <Figure
          onDye
          size="large"
          label={capital(words.over)}
          value={figures(overWires?.target)}
          unit={shown}
          sub={
            read.evaluation.wire === null
              ? undefined
              : `${words.pieces} ${show.figures(read.evaluation.wire, unit, 1)}`
          }
          why={whys.overWires}
        />
      ) : (
        <Figure
          onDye
          size="large"
          label="Proof"
          value={
            <span className="block max-w-40 font-text text-base leading-tight font-semibold whitespace-normal">
              {EVIDENCE_DATA[proof.kind].name(thread?.side ?? 'external')}
            </span>
          }
          sub={STRENGTH_WORDS[EVIDENCE_DATA[proof.kind].strength]}
        />
      )}
      <Figure
        onDye
        size="large"
        label="Radial depth"
        value={figures(radialDepth)}
        unit={shown}
        sub={`from the ${words.work}`}
        why={whys.radialDepth}
      />
      <Figure
        onDye
        size="large"
        label={slide === 'compound' ? 'Compound feed' : 'Cross-slide feed'}
        value={figures(feed)}
        unit={shown}
        sub={
          last === undefined
            ? undefined
            : `${slide === 'readout' ? 'in by' : 'dial to'} ${show.text(last.dialReading)}`
        }
        why={whys.compoundFeed}
      />
      {slide === 'compound' && (
        <Figure
          onDye
          size="large"
          label="Graduation to set"
          value={swivelGraduationDeg === null ? null : `${Number(swivelGraduationDeg.toFixed(3))}°`}
          sub={lathe.compound.swivel.zeroAlong === 'bed' ? '0 along bed' : '0 along slide'}
          why={whys.swivelGraduation}
        />
      )}
      <Figure
        onDye
        size="large"
        label="Passes"
        value={passes === null ? null : String(passes.length)}
        sub={
          passes === null ? undefined : `${passes.filter((pass) => pass.kind === 'rough').length} roughing`
        }
        why={whys.passes}
      />
      <Figure
        onDye
        size="large"
        label="Speed"
        value={rpm === undefined ? null : String(Number(rpm.toFixed(1)))}
        unit="rpm"
        sub={left === null ? undefined : `${Math.max(0, left).toFixed(1)} s to act`}
        why={whys.timeInRunOut}
      />
    </TargetStrip>
  );
});
