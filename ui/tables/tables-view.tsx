'use client';

import Papa from 'papaparse';
import { useMemo, useState } from 'react';
import { depthRuleLandings } from '@/core/depth';
import { fitTable, QUANTITIES, tableLines, type MemberTable } from '@/core/tables';
import {
  explainLimits,
  fitOf,
  parseDesignation,
  pitchOf,
  printDesignation,
  suggestThreads,
} from '@/core/thread';
import type { Tip } from '@/core/tool';
import { formatLength, otherUnit, parseLength, type LengthUnit } from '@/core/units';
import { Button } from '../kit/button';
import { CopyFigure } from '../kit/copy-figure';
import { Field } from '../kit/field';
import { WhyPopover } from '../kit/why-popover';
import { Header } from '../shell/header';
import { Measuring } from './measuring';
import { DepthRuleTable } from './depth-rule-band';
import { ToleranceZones } from './tolerance-zones';

/** Quick look-ups without an exercise: limits of both members, wires, gauges, rules for the depth. */
export function TablesView({ first, who }: { first: string; who: { name: string; role: string } }) {
  const [typed, setTyped] = useState(first);
  const read = useMemo(() => parseDesignation(typed), [typed]);
  const fit = useMemo(() => (read.ok ? fitOf(read.value.thread) : null), [read]);
  const members = useMemo(() => (fit === null ? null : fitTable(fit)), [fit]);
  const chosen = members === null ? null : members[read.ok && read.value.thread.side === 'internal' ? 1 : 0];

  function choose(text: string) {
    setTyped(text);
    const url = new URL(window.location.href);
    url.searchParams.set('thread', text);
    window.history.replaceState(null, '', url);
  }

  function save() {
    if (members === null) return;
    const link = document.createElement('a');
    link.href = URL.createObjectURL(
      new Blob([Papa.unparse(tableLines(members))], { type: 'text/csv;charset=utf-8' }),
    );
    link.download = `${members[0].designation.replace(/[^\w.-]+/g, '_')}.csv`;
    link.click();
    URL.revokeObjectURL(link.href);
  }

  return (
    <div className="min-h-dvh">
      <Header who={who} title="Tables" />
      <section
        aria-label="Look up"
        className="flex flex-wrap items-start gap-4 border-y border-rule bg-paper-sunk px-4 py-2"
      >
        <Field
          className="w-80"
          label="Thread"
          value={typed}
          list="table-suggestions"
          autoFocus
          error={read.ok || typed.trim() === '' ? undefined : read.issues[0]?.message}
          note={
            read.ok && read.value.assumed.length > 0
              ? `${printDesignation(read.value.thread)}: ${read.value.assumed.join(', ')} taken for granted.`
              : undefined
          }
          onChange={(event) => choose(event.target.value)}
        />
        <datalist id="table-suggestions">
          {suggestThreads(typed).map((text) => (
            <option key={text} value={text} />
          ))}
        </datalist>
        <div className="ml-auto flex gap-2 pt-5 print:hidden">
          <Button disabled={members === null} onClick={save}>
            Save as CSV
          </Button>
          <Button disabled={members === null} onClick={() => window.print()}>
            Print
          </Button>
        </div>
      </section>
      {fit === null || members === null || chosen === null ? (
        <main className="p-6 text-lg">
          Type a thread, such as 3/4-16 UNF-2A, 7/8-9 UNC-2B or M20x1.5-6g. Its limits and those of its mate
          appear here.
        </main>
      ) : (
        <main className="grid grid-cols-[minmax(0,1fr)_34rem] gap-4 p-4 tablet:grid-cols-1">
          <div className="grid content-start gap-4">
            <LimitsTable members={members} />
            <WiresTable members={members} />
          </div>
          <div className="grid content-start gap-4">
            <section aria-label="Tolerance zones" className="grid gap-1">
              <div className="h-80">
                <ToleranceZones fit={fit} />
              </div>
              <p className="text-sm text-ink-soft">
                Deviations from the basic profile in{' '}
                {members[0].thread.unit === 'in' ? 'ten-thousandths of an inch' : 'micrometres'}, on the
                diameter. Play on the pitch diameter{' '}
                <span className="figures">
                  {formatLength({ value: fit.clearance.min, unit: members[0].thread.unit })}
                </span>{' '}
                to{' '}
                <span className="figures">
                  {formatLength({ value: fit.clearance.max, unit: members[0].thread.unit })}
                </span>{' '}
                {members[0].thread.unit}.
              </p>
            </section>
          </div>
          <Measuring key={`m-${chosen.designation}`} member={chosen} />
          <DepthRules key={`d-${chosen.designation}`} member={chosen} />
        </main>
      )}
    </div>
  );
}

function LimitsTable({ members }: { members: readonly MemberTable[] }) {
  const unit = members[0]?.thread.unit ?? 'in';
  return (
    <table className="w-full border-collapse bg-paper-raised text-sm">
      <caption className="px-2 pb-1 text-left font-head text-xl font-semibold">Limits of size</caption>
      <thead className="bg-paper-sunk">
        <tr className="label text-left text-ink-soft">
          <th scope="col" className="px-2 py-1.5">
            Thread
          </th>
          <th scope="col" className="px-2">
            Quantity
          </th>
          {[unit, otherUnit(unit)].map((each) => (
            <th key={each} scope="col" className="px-2 text-right">
              min – max, {each}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {members.map((member) => {
          const whys = explainLimits(member.thread, member.limits);
          return QUANTITIES.map(({ id, name }, index) => (
            <tr
              key={`${member.designation}-${id}`}
              className={index === 0 ? 'border-t border-rule-strong' : 'border-t border-rule'}
            >
              {index === 0 && (
                <th
                  scope="rowgroup"
                  rowSpan={3}
                  className="figures px-2 py-1 text-left align-top text-base font-medium whitespace-nowrap"
                >
                  {member.designation}
                </th>
              )}
              <th scope="row" className="px-2 text-left font-medium">
                <WhyPopover
                  why={whys[id]}
                  className="min-h-7 text-left underline decoration-dotted underline-offset-3 tablet:min-h-12"
                >
                  {name}
                </WhyPopover>
                {id === 'minor' && member.limits.side === 'external' && (
                  <span className="figures block pb-1 text-2xs font-normal text-ink-soft">
                    rounded root {formatLength({ value: member.limits.roundedRootMinorMax, unit })} {unit}
                  </span>
                )}
              </th>
              {[unit, otherUnit(unit)].map((each) => (
                <td key={each} className="px-2 text-right whitespace-nowrap">
                  <Limit
                    value={member.limits[id].min}
                    from={unit}
                    to={each}
                    label={`${member.designation} ${name} min`}
                  />{' '}
                  –{' '}
                  <Limit
                    value={member.limits[id].max}
                    from={unit}
                    to={each}
                    label={`${member.designation} ${name} max`}
                  />
                </td>
              ))}
            </tr>
          ));
        })}
      </tbody>
    </table>
  );
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

function WiresTable({ members }: { members: readonly MemberTable[] }) {
  return (
    <table className="w-full border-collapse bg-paper-raised text-sm">
      <caption className="px-2 pb-1 text-left font-head text-xl font-semibold">Wires and gauges</caption>
      <thead className="bg-paper-sunk">
        <tr className="label text-left text-ink-soft">
          <th scope="col" className="px-2 py-1.5">
            Thread
          </th>
          <th scope="col" className="px-2 text-right">
            Best, usable
          </th>
          <th scope="col" className="px-2 text-right">
            Over best
          </th>
          <th scope="col" className="px-2 text-right">
            Lead angle adds
          </th>
          <th scope="col" className="px-2 text-right">
            GO / NO-GO
          </th>
        </tr>
      </thead>
      <tbody>
        {members.map(({ designation, thread, wire, gauges, limits }) => {
          const show = (value: number, extra = 0) =>
            formatLength({ value, unit: thread.unit }, thread.unit, extra);
          return (
            <tr key={designation} className="border-t border-rule align-top">
              <th scope="row" className="px-2 py-1 text-left font-medium">
                <span className="figures block whitespace-nowrap">{designation}</span>
                <span className="text-2xs text-ink-soft">
                  {limits.side === 'external' ? 'three wires' : 'two balls'}, {thread.unit}
                </span>
              </th>
              <td className="px-2 text-right whitespace-nowrap">
                <CopyFigure label={`${designation} best`} figures={show(wire.best, 1)} />
                <span className="figures block text-2xs text-ink-soft">
                  {show(wire.range.min)} – {show(wire.range.max)}
                </span>
              </td>
              <td className="px-2 text-right whitespace-nowrap">
                <CopyFigure label={`${designation} over best min`} figures={show(wire.over.min)} /> –{' '}
                <CopyFigure label={`${designation} over best max`} figures={show(wire.over.max)} />
              </td>
              <td className="figures px-2 py-1 text-right">
                {show(wire.correction, 1)}
                <span className="block font-text text-2xs text-ink-soft">
                  {wire.matters ? 'matters' : 'under a tenth of the tolerance'}
                </span>
              </td>
              <td className="px-2 text-right whitespace-nowrap">
                <CopyFigure label={`${designation} GO`} figures={show(gauges.go)} /> /{' '}
                <CopyFigure label={`${designation} NO-GO`} figures={show(gauges.noGo)} />
                <span className="block text-2xs text-ink-soft">{gauges.kind}, basic</span>
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** The rules of thumb for a blank (or bore) and a tip that are typed here; empty takes the usual ones. */
function DepthRules({ member }: { member: MemberTable }) {
  const [work, setWork] = useState('');
  const [flat, setFlat] = useState('');
  const { thread, limits } = member;
  const { unit } = thread;
  const pitch = pitchOf(thread);
  const crest = limits.side === 'external' ? limits.major : limits.minor;
  const usualWork = (crest.min + crest.max) / 2;
  const workRead = work.trim() === '' ? null : parseLength('work', work, unit);
  const flatRead = flat.trim() === '' ? null : parseLength('flat', flat, unit);
  const flatSize = flatRead === null ? pitch / 8 : flatRead.ok ? flatRead.value.length.value : null;
  const workSize = workRead === null ? usualWork : workRead.ok ? workRead.value.length.value : null;
  const tip: Tip | null =
    flatSize === null ? null : flatSize === 0 ? { kind: 'sharp' } : { kind: 'flat', flat: flatSize };
  const message = (result: typeof workRead) =>
    result !== null && !result.ok ? result.issues[0]?.message : undefined;
  return (
    <section aria-label="Rules for the depth" className="col-span-full grid gap-2">
      <h2 className="text-xl">Rules of thumb for the depth, {member.designation}</h2>
      <div className="flex flex-wrap gap-3 print:hidden">
        <Field
          className="w-56"
          label={limits.side === 'external' ? 'Real blank' : 'Real bore'}
          unit={unit}
          placeholder={formatLength({ value: usualWork, unit })}
          value={work}
          error={message(workRead)}
          onChange={(event) => setWork(event.target.value)}
        />
        <Field
          className="w-56"
          label="Flat at the tip, 0 is sharp"
          unit={unit}
          placeholder={formatLength({ value: pitch / 8, unit })}
          value={flat}
          error={message(flatRead)}
          onChange={(event) => setFlat(event.target.value)}
        />
      </div>
      {tip !== null && workSize !== null && (
        <div className="overflow-x-auto bg-paper-raised">
          <DepthRuleTable
            unit={unit}
            landings={depthRuleLandings(
              { workDiameter: workSize, pitch, tip, side: limits.side },
              limits.pitchDiameter,
            )}
          />
        </div>
      )}
    </section>
  );
}
