'use client';

import { useState } from 'react';
import { MEASURING_WORDS } from '@/core/measuring/gauging/measuring-words';
import { overOneWire } from '@/core/measuring/gauging/other-gauges';
import { usableWires, WIRE_SETS } from '@/core/measuring/gauging/wire-sets';
import type { Gauge } from '@/core/measuring/gauging/gauge';
import type { MemberTable } from '@/core/measuring/tables/thread-table';
import { formatLength } from '@/core/base/units/format-length';
import { parseLengthList } from '@/core/base/units/parse-length-list';
import { Button } from '@/ui/kit/button';
import { Choice } from '@/ui/kit/choice';
import { CopyFigure } from '@/ui/kit/copy-figure';
import { Field } from '@/ui/kit/field';
import { RuledTable } from '@/ui/kit/ruled-table';
import { send } from '@/ui/shell/send';
import { useRefresh } from '@/ui/shell/use-refresh';

const OWN = 'own';
/** More are no use: the nearest to the best wire come first. */
const MOST = 4;

/** Which wires of a set that lies in the shop can be used on a thread, and what they read. */
export function WireSetTable({
  member,
  shopWires,
  canKeep,
}: {
  member: MemberTable;
  /** The set that lies in the shop; null while none is kept. */
  shopWires: Gauge | null;
  /** The instructor keeps the shop's set. */
  canKeep: boolean;
}) {
  const { thread, limits } = member;
  const { unit } = thread;
  const refresh = useRefresh();
  const [setId, setSetId] = useState<string>(shopWires === null ? (unit === 'in' ? 'inch' : 'metric') : OWN);
  const kept = sizesText(shopWires?.sizes ?? []);
  const [own, setOwn] = useState(kept);
  const [problem, setProblem] = useState<string | undefined>();
  const list = parseLengthList('wires', own, 'in', 'given');
  const isKept = list.ok && sizesText(list.value) === kept;
  const chosen = setId === OWN ? null : WIRE_SETS.find(({ id }) => id === setId);
  const wires = chosen?.wires ?? (list.ok ? list.value : []);
  const usable = usableWires(thread, limits, wires).slice(0, MOST);
  const external = limits.side === 'external';
  const { pieces, over } = MEASURING_WORDS[limits.side];

  async function keep() {
    if (!list.ok) return;
    const sent = await send('PUT', '/api/wires', { sizes: list.value });
    setProblem(sent.ok ? undefined : sent.message);
    if (sent.ok) await refresh();
  }

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
            { value: OWN, text: 'The shop’s' },
          ]}
          onChange={setSetId}
        />
      </div>
      {setId === OWN && canKeep && (
        <form
          className="grid max-w-3xl grid-cols-[1fr_auto] items-start gap-2 print:hidden"
          onSubmit={(event) => {
            event.preventDefault();
            void keep();
          }}
        >
          <Field
            label="Sizes, parted by spaces, in inch or with mm"
            placeholder="0.0325 0.0361 1.35 mm"
            value={own}
            error={list.ok ? problem : list.issues[0]?.message}
            note={isKept ? 'Kept for the whole shop.' : 'Not kept yet.'}
            onChange={(event) => setOwn(event.target.value)}
          />
          <Button type="submit" className="mt-5" disabled={!list.ok || isKept}>
            Keep for the shop
          </Button>
        </form>
      )}
      {setId === OWN && !canKeep && kept === '' && (
        <p>The instructor has not listed the shop’s {pieces} yet.</p>
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

/** Sizes as one types them: inch plain, millimetres named. */
function sizesText(sizes: readonly { value: number; unit: string }[]): string {
  return sizes.map(({ value, unit }) => (unit === 'mm' ? `${value} mm` : `${value}`)).join(' ');
}
