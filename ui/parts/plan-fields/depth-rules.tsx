'use client';

import { depthRuleLandings } from '@/core/thread/depth/depth-rules';
import { MEASURING_WORDS } from '@/core/measuring/gauging/measuring-words';
import { DepthRuleBand } from '../thread/depth-rule-band';
import { useShowLength } from '@/ui/units/display-unit';
import { usePlanning } from './planning-context';

/** Where the rules of thumb land for the blank and the tip in the form. */
export function DepthRules() {
  const { read } = usePlanning();
  const show = useShowLength();
  const { thread, limits, blank, tip } = read.evaluation;
  if (thread === null || limits === null || blank === null || tip === null)
    return <p>The rules of thumb appear when blank and tool can be read.</p>;
  const band = limits.pitchDiameter;
  const landings = depthRuleLandings(thread, blank, tip, read.inputs.compoundAngleDeg ?? 0, band);
  const [low, high] = [band.min, band.max].map((limit) => show.figures(limit, thread.unit));
  return (
    <div className="grid gap-1 overflow-x-auto">
      <h2 className="text-lg">
        Rules of thumb for the depth, on this {MEASURING_WORDS[thread.side].work} and tool
        <span className="ml-2 font-text text-sm font-normal text-ink-soft">
          pitch-diameter band{' '}
          <span className="figures">
            {low} – {high}
          </span>{' '}
          {show.unitOf(thread.unit)}
        </span>
      </h2>
      <DepthRuleBand landings={landings} band={band} unit={thread.unit} />
    </div>
  );
}
