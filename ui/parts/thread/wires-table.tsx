'use client';

import type { ReactNode } from 'react';
import type { Why } from '@/core/base/explain/why';
import { explainGauging } from '@/core/measuring/gauging/explain-gauging';
import type { MemberTable } from '@/core/measuring/tables/thread-table';
import { formatLength } from '@/core/base/units/format-length';
import { CopyFigure } from '@/ui/kit/copy-figure';
import { RuledTable } from '@/ui/kit/ruled-table';
import { WhyPopover } from '@/ui/kit/why-popover';

/** Best wires, what they read, and the gauges of both members. */
export function WiresTable({ members }: { members: readonly MemberTable[] }) {
  return (
    <RuledTable
      titled
      caption="Wires and gauges"
      columns={[
        { title: 'Thread' },
        { title: 'Best, usable', number: true },
        { title: 'Over best', number: true },
        { title: 'Lead angle adds', number: true },
        { title: 'GO / NO-GO', number: true },
      ]}
    >
      {members.map(({ designation, thread, wire, gauges, limits }) => {
        const show = (value: number, extra = 0) =>
          formatLength({ value, unit: thread.unit }, thread.unit, extra);
        const whys = explainGauging(thread, limits);
        return (
          <tr key={designation} className="border-t border-rule align-top">
            <th scope="row" className="px-2 py-1 text-left font-medium">
              <span className="figures block whitespace-nowrap">{designation}</span>
              <span className="text-2xs text-ink-soft">
                {limits.side === 'external' ? 'three wires' : 'two balls'}, {thread.unit}
              </span>
            </th>
            <td className="px-2 pb-1 text-right whitespace-nowrap">
              <CopyFigure label={`${designation} best`} figures={show(wire.best, 1)} />
              <Because why={whys.best}>best</Because>
              <Because why={whys.range}>
                <span className="figures">
                  {show(wire.range.min)} – {show(wire.range.max)}
                </span>
              </Because>
            </td>
            <td className="px-2 pb-1 text-right whitespace-nowrap">
              <CopyFigure label={`${designation} over best min`} figures={show(wire.over.min)} /> –{' '}
              <CopyFigure label={`${designation} over best max`} figures={show(wire.over.max)} />
              <Because why={whys.over}>over the best</Because>
            </td>
            <td className="px-2 pb-1 text-right">
              <CopyFigure label={`${designation} lead angle`} figures={show(wire.correction, 1)} />
              <Because why={whys.lead}>
                plain formula <span className="figures">{show(wire.plain, 1)}</span>;{' '}
                {wire.matters ? 'matters' : 'under a tenth of the tolerance'}
              </Because>
            </td>
            <td className="px-2 pb-1 text-right whitespace-nowrap">
              <CopyFigure label={`${designation} GO`} figures={show(gauges.go)} /> /{' '}
              <CopyFigure label={`${designation} NO-GO`} figures={show(gauges.noGo)} />
              <Because why={whys.gauges}>{gauges.kind}, basic</Because>
            </td>
          </tr>
        );
      })}
    </RuledTable>
  );
}

/** The small line under a figure, which opens its reason. */
function Because({ why, children }: { why: Why; children: ReactNode }) {
  return (
    <WhyPopover
      why={why}
      className="block min-h-6 w-full text-right font-text text-2xs text-ink-soft underline decoration-dotted underline-offset-2 tablet:min-h-12"
    >
      {children}
    </WhyPopover>
  );
}
