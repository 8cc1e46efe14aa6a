'use client';

import { useState } from 'react';
import { MEASURING_WORDS, overOneWire, usableWires, WIRE_SETS } from '@/core/gauging';
import type { MemberTable } from '@/core/tables';
import { formatLength, parseLengthList } from '@/core/units';
import { Choice } from '../kit/choice';
import { CopyFigure } from '../kit/copy-figure';
import { Field } from '../kit/field';
import { RuledTable } from '../kit/ruled-table';
import { useSetting } from '../shell/settings';

const OWN = 'own';
/** More are no use: the nearest to the best wire come first. */
const MOST = 4;

/** Which wires of a set that lies in the shop can be used on a thread, and what they read. */
export function WireSetTable({ member }: { member: MemberTable }) {
  const { thread, limits } = member;
  const { unit } = thread;
  const [setId, setSetId] = useState<string>(unit === 'in' ? 'inch' : 'metric');
  const [own, setOwn] = useSetting('wires');
  const list = parseLengthList('wires', own ?? '', 'in');
  const chosen = setId === OWN ? null : WIRE_SETS.find(({ id }) => id === setId);
  const wires = chosen?.wires ?? (list.ok ? list.value : []);
  const usable = usableWires(thread, limits, wires).slice(0, MOST);
  const external = limits.side === 'external';
  const { pieces, over } = MEASURING_WORDS[limits.side];
  const show = (value: number, extra = 0) => formatLength({ value, unit }, unit, extra);
  return (
    <section aria-label={`${pieces} of the shop`} className="grid content-start gap-2">
      <h2 className="text-xl">
        The shop’s {pieces} on {member.designation}
      </h2>
      <div className="print:hidden">
        <Choice
          label="Set"
          value={setId}
          options={[
            ...WIRE_SETS.map(({ id, name }) => ({ value: id, text: name })),
            { value: OWN, text: 'Own list' },
          ]}
          onChange={setSetId}
        />
      </div>
      {setId === OWN && (
        <Field
          label="Sizes, parted by spaces, in inch or with mm"
          placeholder="0.0325 0.0361 1.35mm"
          value={own ?? ''}
          error={list.ok ? undefined : list.issues[0]?.message}
          note="Kept in this browser."
          onChange={(event) => setOwn(event.target.value)}
        />
      )}
      {usable.length === 0 ? (
        <p>
          None of these {wires.length} can be used: they must be {show(member.wire.range.min)} to{' '}
          {show(member.wire.range.max)} {unit}, so that they stand proud of the crest and still touch the
          flanks.
        </p>
      ) : (
        <RuledTable
          caption={`Usable ${pieces}`}
          columns={[
            { title: external ? 'Wire' : 'Ball' },
            { title: `${over}, ${unit}`, number: true },
            ...(external ? [{ title: 'over one, at the largest major', number: true }] : []),
            { title: 'from best', number: true },
          ]}
        >
          {usable.map(({ wire, size, over: limitsOver, fromBest }) => (
            <tr key={size} className="border-t border-rule">
              <th scope="row" className="figures px-2 py-1 text-left font-medium">
                {formatLength(wire, wire.unit, 1)} {wire.unit}
              </th>
              <td className="px-2 text-right whitespace-nowrap">
                <CopyFigure label={`${over} of ${show(size, 1)}, min`} figures={show(limitsOver.min)} /> –{' '}
                <CopyFigure label={`${over} of ${show(size, 1)}, max`} figures={show(limitsOver.max)} />
              </td>
              {external && (
                <td className="figures px-2 text-right whitespace-nowrap">
                  {show(overOneWire(limitsOver.min, limits.major.max))} –{' '}
                  {show(overOneWire(limitsOver.max, limits.major.max))}
                </td>
              )}
              <td className="figures px-2 text-right">{fromBestText(fromBest)}</td>
            </tr>
          ))}
        </RuledTable>
      )}
    </section>
  );
}

function fromBestText(fromBest: number): string {
  if (Math.abs(fromBest) < 0.0005) return 'the best';
  return `${fromBest > 0 ? '+' : '−'}${Math.abs(fromBest).toFixed(3)} P`;
}
