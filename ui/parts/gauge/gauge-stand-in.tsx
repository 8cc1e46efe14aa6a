'use client';

import { useEffect, useMemo, useState } from 'react';
import { wireCaseOf } from '@/core/measuring/gauging/three-wires';
import { measuredOverWires } from '@/core/cutting/cut/measure-thread';
import { BEGINNERS, simulatedLine, type SimulatedGauge } from '@/core/measuring/gauge-line/simulate-gauge';
import { grooveOfRecord } from '@/core/exercise/record/state/groove-of-record';
import type { Entry } from '@/core/exercise/record/entry/entry';
import { shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { Select } from '@/ui/kit/select';
import { Header } from '@/ui/shell/header';
import { ask } from '@/ui/shell/ask';
import { STAND_IN } from './use-gauge';

interface Piece {
  attemptId: number;
  text: string;
}

/** How much a thread that was held in the chuck alone is larger at its free end, in shares of the tolerance (made up). */
const TAPER: Record<string, number> = { start: 0, middle: 0.04, end: 0.08 };

/** A micrometer and a readout that are not there: they measure the part that the recorded cuts have made. */
export function GaugeStandIn({
  who,
  pieces,
  piece: first,
}: {
  who: { name: string; role: string };
  pieces: readonly Piece[];
  piece: number | null;
}) {
  const [piece, setPiece] = useState(String(first ?? pieces[0]?.attemptId ?? ''));
  const [attempt, setAttempt] = useState<Measured | null>(null);
  const [display, setDisplay] = useState<string | null>(null);
  const [own, setOwn] = useState<Partial<Record<'zero' | 'noise' | 'squeeze', string>>>({});
  const [reading, setReading] = useState('');
  useEffect(() => {
    let here = true;
    void attemptOf(piece).then((found) => {
      if (here) setAttempt(found);
    });
    return () => {
      here = false;
    };
  }, [piece]);

  const sheet = attempt?.sheet ?? null;
  const unit = sheet?.thread.unit ?? 'mm';
  const gauge: SimulatedGauge = useMemo(() => {
    const usual = BEGINNERS[unit];
    const figure = (name: 'zero' | 'noise' | 'squeeze') => {
      const typed = Number(own[name] ?? '');
      return own[name] === undefined || own[name] === '' || !Number.isFinite(typed) ? usual[name] : typed;
    };
    return {
      unit,
      zero: figure('zero'),
      noise: Math.abs(figure('noise')),
      squeeze: Math.abs(figure('squeeze')),
    };
  }, [own, unit]);

  function send(line: string) {
    setDisplay(line);
    const channel = new BroadcastChannel(STAND_IN);
    channel.postMessage(line);
    channel.close();
  }

  async function measure(what: 'start' | 'middle' | 'end' | 'crest' | 'closed') {
    // What was cut meanwhile counts.
    const now = await attemptOf(piece);
    setAttempt(now);
    const trueSize = now?.sheet == null ? null : what === 'closed' ? 0 : sizeOf(now.sheet, now.entries, what);
    if (trueSize === null) setDisplay('no thread yet');
    else send(simulatedLine(gauge, trueSize, Math.random));
  }

  return (
    <div className="grid min-h-dvh grid-rows-[auto_1fr]">
      <Header who={who} title="Simulated gauge" />
      <main className="grid content-start gap-5 bg-paper-raised p-6">
        <p className="max-w-2xl">
          A stand-in for a digital micrometer and a readout: it measures the part that the recorded cuts have
          made, with noise, a zero error and a beginner’s squeeze. What it sends goes to every page of this
          browser that takes readings, by the same way as from a real one.
        </p>
        <div className="flex flex-wrap items-end gap-3">
          <Select
            label="Part in hand"
            value={piece}
            options={pieces.map(({ attemptId, text }) => ({ value: String(attemptId), text }))}
            onChange={setPiece}
          />
          <Field
            className="w-32"
            label="Zero error"
            unit={unit}
            placeholder={String(BEGINNERS[unit].zero)}
            value={own.zero ?? ''}
            onChange={(event) => setOwn({ ...own, zero: event.target.value })}
          />
          <Field
            className="w-32"
            label="Noise"
            unit={unit}
            placeholder={String(BEGINNERS[unit].noise)}
            value={own.noise ?? ''}
            onChange={(event) => setOwn({ ...own, noise: event.target.value })}
          />
          <Field
            className="w-32"
            label="Squeeze"
            unit={unit}
            placeholder={String(BEGINNERS[unit].squeeze)}
            value={own.squeeze ?? ''}
            onChange={(event) => setOwn({ ...own, squeeze: event.target.value })}
          />
        </div>
        {piece === '' ? (
          <Message tone="note">There is no piece at work that you may measure.</Message>
        ) : sheet === null ? (
          <Message tone="note">Choose the lathe of this piece, and finish its worksheet, first.</Message>
        ) : (
          <>
            <output
              aria-label="Display"
              className="figures w-fit min-w-96 bg-dye-deep px-6 py-4 text-right text-6xl text-scribe"
            >
              {display ?? '– – –'}
            </output>
            <div className="flex flex-wrap gap-3">
              <Button size="bench" onClick={() => void measure('closed')}>
                Closed: its zero
              </Button>
              {(['start', 'middle', 'end'] as const).map((place) => (
                <Button key={place} size="bench" tone="main" onClick={() => void measure(place)}>
                  {sheet.words.over}, {place}
                </Button>
              ))}
              <Button size="bench" onClick={() => void measure('crest')}>
                {sheet.words.crest}
              </Button>
            </div>
            <form
              className="flex items-end gap-3"
              onSubmit={(event) => {
                event.preventDefault();
                const value = Number(reading);
                if (reading.trim() !== '' && Number.isFinite(value)) send(`X=${reading.trim()}`);
              }}
            >
              <Field
                className="w-48"
                label="Readout of the slide"
                unit={sheet.lathe.dial.graduation.unit}
                placeholder={shownOnSheet(sheet.passes[0]?.dialReading ?? sheet.lathe.dial.graduation, sheet)}
                value={reading}
                onChange={(event) => setReading(event.target.value)}
              />
              <Button size="bench" type="submit">
                Send the readout
              </Button>
            </form>
          </>
        )}
      </main>
    </div>
  );
}

interface Measured {
  sheet: Sheet | null;
  entries: Entry[];
}

/** A piece as it is by now; null where it can not be seen. */
async function attemptOf(piece: string): Promise<Measured | null> {
  if (piece === '') return null;
  const sent = await ask<Measured>(`/api/attempts/${piece}`);
  return sent.ok ? sent.value : null;
}

/** What is really there to be measured; null while there is none. */
function sizeOf(
  sheet: Sheet,
  entries: readonly Entry[],
  what: 'start' | 'middle' | 'end' | 'crest',
): number | null {
  if (what === 'crest') return sheet.workDiameter;
  const { thread, tool } = grooveOfRecord(sheet, entries);
  const read = parseDesignation(sheet.thread.designation);
  if (tool === null || !read.ok) return null;
  const over = measuredOverWires(thread, wireCaseOf(read.value.thread, sheet.wires.diameter));
  return over === null ? null : over + (TAPER[what] ?? 0) * sheet.limits.pitchDiameterTolerance;
}
