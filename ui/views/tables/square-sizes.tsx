'use client';

import type { SquareThread } from '@/core/thread/standards/square/square-thread';
import { formatLength } from '@/core/base/units/format-length';
import { otherUnit } from '@/core/base/units/length';
import { CopyFigure } from '@/ui/kit/copy-figure';
import { RuledTable } from '@/ui/kit/ruled-table';

/** A square thread: plain sizes, without limits. */
export function SquareSizes({ thread }: { thread: SquareThread }) {
  const { unit } = thread;
  const rows = [
    ['Major diameter', thread.major],
    ['Pitch diameter', thread.pitchDiameter],
    ['Minor diameter', thread.minor],
    ['Depth of the groove, P / 2', thread.depth],
    ['Width of the tool, P / 2', thread.toolWidth],
    ['Lead', thread.lead],
  ] as const;
  return (
    <main className="grid max-w-3xl gap-3 p-4">
      <RuledTable
        titled
        caption={thread.designation}
        columns={[
          { title: 'Quantity' },
          ...[unit, otherUnit(unit)].map((each) => ({ title: `basic size, ${each}`, number: true })),
        ]}
      >
        {rows.map(([name, value]) => (
          <tr key={name} className="border-t border-rule">
            <th scope="row" className="px-2 py-1 text-left font-medium">
              {name}
            </th>
            {[unit, otherUnit(unit)].map((each) => (
              <td key={each} className="px-2 text-right">
                <CopyFigure
                  label={`${name}, ${each}`}
                  figures={formatLength({ value, unit }, each, each === unit ? 0 : 1)}
                />
              </td>
            ))}
          </tr>
        ))}
      </RuledTable>
      <p>
        Common practice: no standard gives limits for a square thread. The nut is made a little larger in the
        major diameter and its tool a little wider, so that crest and flanks have play; cut it to fit its
        mate. It has no flanks for wires.
      </p>
    </main>
  );
}
