'use client';

import type { DepthRuleLanding } from '@/core/depth';
import type { LengthUnit } from '@/core/units';
import { StandingMark } from '../kit/state-mark';
import { useShowLength } from '../units/display-unit';

/** Where each rule of thumb lands in the pitch-diameter band for this blank and tip. */
export function DepthRuleTable({
  landings,
  unit,
}: {
  landings: readonly DepthRuleLanding[];
  unit: LengthUnit;
}) {
  const show = useShowLength();
  const shown = show.unitOf(unit);
  return (
    <table className="w-full border-collapse text-sm">
      <caption className="sr-only">Rules of thumb for the depth</caption>
      <thead className="bg-paper-sunk">
        <tr className="label text-left text-ink-soft">
          <th scope="col" className="px-2 py-1.5">
            Rule
          </th>
          <th scope="col" className="px-2 text-right">
            Depth, {shown}
          </th>
          <th scope="col" className="px-2 text-right">
            Lands at, {shown}
          </th>
          <th scope="col" className="px-2">
            Takes for granted
          </th>
        </tr>
      </thead>
      <tbody>
        {landings.map(({ rule, radialDepth, pitchDiameter, verdict, canStillBeCut }) => (
          <tr key={rule.id} className="border-b border-rule align-top">
            <th scope="row" className="px-2 py-1 text-left font-medium">
              <span className="flex items-center gap-2">
                <StandingMark standing={verdict === 'inside' ? 'good' : canStillBeCut ? 'attend' : 'bad'} />
                {rule.name}
              </span>
            </th>
            <td className="figures px-2 py-1 text-right">{show.figures(radialDepth, unit)}</td>
            <td className="figures px-2 py-1 text-right">{show.figures(pitchDiameter, unit)}</td>
            <td className="px-2 py-1">
              {rule.assumes}
              {verdict !== 'inside' && (
                <strong className="ml-1 font-semibold">
                  {canStillBeCut ? '· not deep enough here' : '· too deep here'}
                </strong>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
