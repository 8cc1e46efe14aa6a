'use client';

import { QUANTITIES, uncoatedBands, type MemberTable } from '@/core/measuring/tables/thread-table';
import { explainLimits } from '@/core/thread/standards/explain-limits';
import { rootRadiusOf } from '@/core/thread/standards/systems';
import type { Coating } from '@/core/thread/standards/coating';
import type { ExternalLimits } from '@/core/thread/standards/thread-limits';
import type { Thread } from '@/core/thread/standards/thread';
import { formatLength } from '@/core/base/units/format-length';
import { otherUnit, type LengthUnit } from '@/core/base/units/length';
import { CopyFigure } from '@/ui/kit/copy-figure';
import { RuledTable } from '@/ui/kit/ruled-table';
import { WhyPopover } from '@/ui/kit/why-popover';

export interface LimitsTableProps {
  members: readonly MemberTable[];
  coating?: Coating | null;
  /** What the limits were worked out for, when that is not the normal length of engagement. */
  basis?: string | undefined;
}

/** Longer designations may break into lines. */
const SHORT = 18;

/** Limits of size of both members in inch and mm; with a coating also those before plating. */
export function LimitsTable({ members, coating = null, basis }: LimitsTableProps) {
  const unit = members[0]?.thread.unit ?? 'in';
  return (
    <RuledTable
      titled
      caption="Limits of size"
      columns={[
        { title: 'Thread' },
        { title: 'Quantity' },
        ...[unit, otherUnit(unit)].map((each) => ({ title: `min – max, ${each}`, number: true })),
      ]}
    >
      {members.map((member) => (
        <MemberRows key={member.designation} member={member} coating={coating} basis={basis} />
      ))}
    </RuledTable>
  );
}

function MemberRows({
  member,
  coating,
  basis,
}: {
  member: MemberTable;
  coating: Coating | null;
  basis: string | undefined;
}) {
  const { thread, limits, designation } = member;
  const { unit } = thread;
  const whys = explainLimits(thread, limits, basis);
  const uncoated = uncoatedBands(member, coating);
  return (
    <>
      {QUANTITIES.map(({ id, name }, index) => (
        <tr key={id} className={index === 0 ? 'border-t border-rule-strong' : 'border-t border-rule'}>
          {index === 0 && (
            <th
              scope="rowgroup"
              rowSpan={3 + uncoated.length}
              className={`figures px-2 py-1 text-left align-top text-base font-medium ${designation.length <= SHORT ? 'whitespace-nowrap' : ''}`}
            >
              {designation}
            </th>
          )}
          <th scope="row" className="px-2 text-left font-medium">
            <WhyPopover
              why={whys[id]}
              className="min-h-7 text-left underline decoration-dotted underline-offset-3 tablet:min-h-12"
            >
              {name}
            </WhyPopover>
            {id === 'minor' && limits.side === 'external' && <RootText thread={thread} limits={limits} />}
          </th>
          <BandCells band={limits[id]} unit={unit} label={`${designation} ${name}`} />
        </tr>
      ))}
      {uncoated.map(({ name, band }) => (
        <tr key={name} className="border-t border-rule bg-brass-wash">
          <th scope="row" className="px-2 py-1 text-left font-medium">
            {name}
          </th>
          {band === null ? (
            <td colSpan={2} className="px-2 text-right">
              The coating varies by more than the tolerance: none.
            </td>
          ) : (
            <BandCells band={band} unit={unit} label={`${designation} ${name}`} />
          )}
        </tr>
      ))}
    </>
  );
}

/** What is known of the root: minor diameter with a rounded root, and the radius. */
function RootText({ thread, limits }: { thread: Thread; limits: ExternalLimits }) {
  const { unit } = thread;
  const show = (value: number) => formatLength({ value, unit });
  const radius = rootRadiusOf(thread);
  const lines = [
    limits.roundedRootMinorMax === null ? null : `rounded root ${show(limits.roundedRootMinorMax)}`,
    radius === null
      ? null
      : `root radius ${radius.min === radius.max ? show(radius.min) : `${show(radius.min)} – ${show(radius.max)}`}`,
  ].filter((line) => line !== null);
  return lines.map((line) => (
    <span key={line} className="figures block text-2xs font-normal whitespace-nowrap text-ink-soft">
      {line} {unit}
    </span>
  ));
}

function BandCells({
  band,
  unit,
  label,
}: {
  band: { min: number | null; max: number | null };
  unit: LengthUnit;
  label: string;
}) {
  return [unit, otherUnit(unit)].map((each) => (
    <td key={each} className="px-2 text-right whitespace-nowrap">
      <Limit value={band.min} from={unit} to={each} label={`${label} min`} /> –{' '}
      <Limit value={band.max} from={unit} to={each} label={`${label} max`} />
    </td>
  ));
}

function Limit({
  value,
  from,
  to,
  label,
}: {
  value: number | null;
  from: LengthUnit;
  to: LengthUnit;
  label: string;
}) {
  if (value === null) return <span className="px-1 text-ink-soft">open</span>;
  return (
    <CopyFigure
      label={`${label}, ${to}`}
      figures={formatLength({ value, unit: from }, to, from === to ? 0 : 1)}
    />
  );
}
