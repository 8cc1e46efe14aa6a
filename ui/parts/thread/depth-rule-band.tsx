'use client';

import { linear } from '@/ui/drawing/linear';
import type { DepthRuleLanding } from '@/core/thread/depth/depth-rules';
import type { LengthUnit } from '@/core/base/units/length';
import { CopyFigure } from '@/ui/kit/copy-figure';
import { RuledTable } from '@/ui/kit/ruled-table';
import { StandingMark } from '@/ui/kit/state-mark';
import { useSay } from '@/ui/kit/shop-words';
import { useShowLength } from '@/ui/units/display-unit';

const LANE_WIDTH = 260;
const LANE_HEIGHT = 30;

/** Each rule of thumb for the depth on a lane of its own, with the pitch-diameter band across all lanes, to scale. */
export function DepthRuleBand({
  landings,
  band,
  unit,
}: {
  landings: readonly DepthRuleLanding[];
  band: { min: number; max: number };
  unit: LengthUnit;
}) {
  const show = useShowLength();
  const say = useSay();
  const shown = show.unitOf(unit);
  const sizes = [...landings.map(({ pitchDiameter }) => pitchDiameter), band.min, band.max];
  const x = linear([Math.min(...sizes), Math.max(...sizes)], [10, LANE_WIDTH - 10]);
  return (
    <RuledTable
      caption="Rules of thumb for the depth"
      columns={[
        { title: 'Rule' },
        { title: `Depth, ${shown}`, number: true },
        { title: `Lands at, ${shown}`, number: true },
        {
          title: (
            <span className="flex justify-between">
              <span>small</span>
              <span>large</span>
            </span>
          ),
        },
        { title: 'Takes for granted' },
      ]}
    >
      {landings.map((landing) => (
        <tr key={landing.rule.id} className="border-b border-rule">
          <th scope="row" className="px-2 py-0.5 text-left font-medium">
            <span className="flex items-center gap-2">
              <StandingMark standing={standingOf(landing)} />
              {say(landing.rule.name)}
            </span>
          </th>
          <td className="px-2 text-right">
            <CopyFigure
              label={`depth by ${landing.rule.name}`}
              figures={show.figures(landing.radialDepth, unit)}
            />
          </td>
          <td className="px-2 text-right">
            <CopyFigure
              label={`pitch diameter by ${landing.rule.name}`}
              figures={show.figures(landing.pitchDiameter, unit)}
            />
          </td>
          <td className="w-54 px-2 py-0">
            <Lane landing={landing} band={band} x={x} />
          </td>
          <td className="px-2 py-0.5">
            {say(landing.rule.assumes)}
            {landing.verdict !== 'inside' && (
              <strong className="ml-1 font-semibold">
                {landing.canStillBeCut ? '· not deep enough here' : '· too deep here'}
              </strong>
            )}
          </td>
        </tr>
      ))}
    </RuledTable>
  );
}

function standingOf({ verdict, canStillBeCut }: DepthRuleLanding) {
  if (verdict === 'inside') return 'good';
  return canStillBeCut ? 'attend' : 'bad';
}

const LANDING_WORDS = { inside: 'inside the band', over: 'above the band', under: 'below the band' };

function Lane({
  landing,
  band,
  x,
}: {
  landing: DepthRuleLanding;
  band: { min: number; max: number };
  x: (value: number) => number;
}) {
  const at = x(landing.pitchDiameter);
  const middle = LANE_HEIGHT / 2;
  const standing = standingOf(landing);
  const colour = { good: 'var(--color-go)', attend: 'var(--color-brass)', bad: 'var(--color-nogo)' }[
    standing
  ];
  return (
    <svg
      role="img"
      aria-label={LANDING_WORDS[landing.verdict]}
      viewBox={`0 0 ${LANE_WIDTH} ${LANE_HEIGHT}`}
      className="block w-full"
    >
      <rect
        x={x(band.min)}
        width={Math.max(2, x(band.max) - x(band.min))}
        height={LANE_HEIGHT}
        fill="var(--color-go-wash)"
        stroke="var(--color-go)"
        strokeWidth="0.75"
      />
      <path d={`M0 ${middle} H${LANE_WIDTH}`} stroke="var(--color-rule)" />
      {standing === 'good' ? (
        <circle cx={at} cy={middle} r="5" fill={colour} />
      ) : (
        <path
          d={
            standing === 'attend'
              ? `M${at - 6} ${middle + 5} L${at} ${middle - 6} L${at + 6} ${middle + 5} Z`
              : `M${at - 5} ${middle - 5} l10 10 m0 -10 l-10 10`
          }
          fill={standing === 'attend' ? colour : 'none'}
          stroke={colour}
          strokeWidth={standing === 'attend' ? 0 : 2.5}
        />
      )}
    </svg>
  );
}
