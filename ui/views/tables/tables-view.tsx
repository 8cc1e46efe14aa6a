'use client';

import { useMemo, useRef, useState } from 'react';
import type { Gauge } from '@/core/measuring/gauging/gauge';
import type { PlanForm } from '@/core/exercise/plan/draft';
import { fitTable, tableLines } from '@/core/measuring/tables/thread-table';
import { engagementEffect } from '@/core/thread/standards/engagement-effect';
import { fitOf } from '@/core/thread/standards/fit';
import { namesSquare, readSquare } from '@/core/thread/standards/square/square-thread';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { printDesignation } from '@/core/thread/standards/print-designation';
import { suggestThreads } from '@/core/thread/standards/suggest';
import type { Coating } from '@/core/thread/standards/coating';
import { formatLength } from '@/core/base/units/format-length';
import { parseLength } from '@/core/base/units/parse-length';
import { parseLengthList } from '@/core/base/units/parse-length-list';
import type { LengthUnit } from '@/core/base/units/length';
import { Button } from '@/ui/kit/button';
import { fetchedPart } from '@/ui/kit/fetched-part';
import { Field } from '@/ui/kit/field';
import { Header } from '@/ui/shell/header';
import { ThreadTables } from '@/ui/parts/thread/thread-tables';
import { ExampleThreads } from './example-threads';
import { EMPTY_MEASURING, Measuring } from './measuring';
import { SquareSizes } from './square-sizes';
import type { TypedTool } from './tool-and-depth';
import { WireSetTable } from './wire-set-table';

const ToolAndDepth = fetchedPart(() => import('./tool-and-depth'), 'Looking up the tools…', { ahead: true });

/** Holds what was typed of the tool while no thread is shown. */
function typedTool(): TypedTool {
  let typed: PlanForm | null = null;
  return { read: () => typed, write: (now) => void (typed = now) };
}

/** What is looked up, as typed; the address carries it. */
export interface LookUp {
  thread: string;
  engagement: string;
  coating: string;
}

/** Quick look-ups without an exercise: limits of both members, wires, gauges, tool and depth. */
export function TablesView({
  first,
  who,
  wires,
}: {
  first: LookUp;
  who: { name: string; role: string };
  /** The shop's measuring wires. */
  wires: Gauge | null;
}) {
  const [lookUp, setLookUp] = useState(first);
  const threadField = useRef<HTMLInputElement>(null);
  const [measuring, setMeasuring] = useState(EMPTY_MEASURING);
  /** What was typed of the tool: another thread does not clear it. */
  const [tool] = useState(typedTool);
  const typed = lookUp.thread;
  const square = useMemo(() => (namesSquare(typed) ? readSquare(typed) : null), [typed]);
  const read = useMemo(() => parseDesignation(typed), [typed]);
  const thread = read.ok ? read.value.thread : null;
  const unit = thread?.unit ?? 'in';
  const engagement = readEngagement(lookUp.engagement, unit);
  const coating = readCoating(lookUp.coating, unit);
  const fit = useMemo(
    () => (thread === null ? null : fitOf(thread, engagement.value)),
    [thread, engagement.value],
  );
  const members = useMemo(() => (fit === null ? null : fitTable(fit)), [fit]);
  const basis =
    engagement.value === undefined
      ? undefined
      : `length of engagement ${formatLength({ value: engagement.value, unit })} ${unit}`;
  const chosen = members === null ? null : members[thread?.side === 'internal' ? 1 : 0];
  const problem = typed.trim() === '' ? undefined : square !== null ? issueOf(square) : issueOf(read);

  function choose(name: keyof LookUp, text: string) {
    setLookUp({ ...lookUp, [name]: text });
    const url = new URL(window.location.href);
    if (text === '') url.searchParams.delete(name);
    else url.searchParams.set(name, text);
    window.history.replaceState(null, '', url);
  }

  async function save() {
    if (members === null) return;
    const { writeCsv } = await import('@/core/base/csv/csv');
    const link = document.createElement('a');
    link.href = URL.createObjectURL(
      new Blob([writeCsv(tableLines(members, coating.value))], { type: 'text/csv;charset=utf-8' }),
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
          className="w-80 tablet:w-72"
          label="Thread"
          ref={threadField}
          value={typed}
          list="table-suggestions"
          autoFocus
          error={problem}
          note={
            read.ok && read.value.assumed.length > 0
              ? `${printDesignation(read.value.thread)}: ${read.value.assumed.join(', ')} taken for granted.`
              : undefined
          }
          onChange={(event) => choose('thread', event.target.value)}
        />
        <datalist id="table-suggestions">
          {suggestThreads(typed).map((text) => (
            <option key={text} value={text} />
          ))}
        </datalist>
        <Field
          className="w-52 tablet:w-40"
          label="Length of engagement"
          unit={unit}
          placeholder="normal"
          value={lookUp.engagement}
          error={engagement.problem}
          onChange={(event) => choose('engagement', event.target.value)}
        />
        <Field
          className="w-60 tablet:w-56"
          label="Coating, thinnest and thickest"
          unit={unit}
          placeholder={unit === 'in' ? '0.0002 0.0003' : '0.005 0.008'}
          value={lookUp.coating}
          error={coating.problem}
          onChange={(event) => choose('coating', event.target.value)}
        />
        <div className="ml-auto flex gap-2 pt-5 print:hidden">
          <Button disabled={members === null} onClick={() => void save()}>
            Save as CSV
          </Button>
          <Button disabled={members === null} onClick={() => window.print()}>
            Print
          </Button>
        </div>
      </section>
      {square?.ok === true ? (
        <SquareSizes thread={square.value} />
      ) : fit === null || chosen === null || thread === null ? (
        <ExampleThreads
          onChoose={(thread) => {
            choose('thread', thread);
            threadField.current?.focus();
          }}
        />
      ) : (
        <main className="grid gap-6 p-4">
          <div className="grid gap-2">
            {engagement.value !== undefined && (
              <p className="border-l-4 border-brass-bright bg-brass-wash px-3 py-1.5">
                {engagementEffect(thread, engagement.value)}
              </p>
            )}
            <ThreadTables fit={fit} coating={coating.value} basis={basis} />
          </div>
          <WireSetTable
            key={`w-${chosen.designation}`}
            member={chosen}
            shopWires={wires}
            canKeep={who.role === 'instructor'}
          />
          <Measuring member={chosen} typed={measuring} onType={setMeasuring} />
          <ToolAndDepth member={chosen} typed={tool} basis={basis} />
        </main>
      )}
    </div>
  );
}

function issueOf(result: { ok: boolean; issues?: { message: string }[] }): string | undefined {
  return result.issues?.[0]?.message;
}

interface Optional<T> {
  value: T;
  problem: string | undefined;
}

function readEngagement(text: string, unit: LengthUnit): Optional<number | undefined> {
  if (text.trim() === '') return { value: undefined, problem: undefined };
  const read = parseLength('engagement', text, unit);
  if (!read.ok) return { value: undefined, problem: issueOf(read) };
  const { value } = read.value.length;
  return value > 0
    ? { value, problem: undefined }
    : { value: undefined, problem: 'Type a length greater than 0.' };
}

function readCoating(text: string, unit: LengthUnit): Optional<Coating | null> {
  const read = parseLengthList('coating', text, unit);
  if (!read.ok) return { value: null, problem: issueOf(read) };
  const [first, second = first, third] = read.value.map(({ value }) => value);
  if (first === undefined || second === undefined) return { value: null, problem: undefined };
  if (third !== undefined || first < 0 || second < first) {
    return { value: null, problem: 'Type the thinnest and then the thickest coating, such as 0.005 0.008.' };
  }
  return { value: { min: first, max: second }, problem: undefined };
}
