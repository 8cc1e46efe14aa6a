'use client';

import { useState } from 'react';
import { readStock } from '@/core/machine/gearing/read-stock';
import type { Advance } from '@/core/machine/gearing/advance';
import type { FoundTrain } from '@/core/machine/gearing/find-trains';
import { fixedRatioOf } from '@/core/machine/lathe/chart-check';
import { screwOf } from '@/core/machine/lathe/screw-of';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import type { TrainRequest } from '@/workers/find-trains.worker';
import { TaskProgress } from '@/ui/kit/task-progress';
import { useWorkerTask } from '@/ui/shell/use-worker-task';

const MOST = 8;

const makeWorker = () => new Worker(new URL('../../../workers/find-trains.worker.ts', import.meta.url));

/**
 * Trains that a stock can make for a lead on a lathe, the best first, searched beside the page. The stock can be typed
 * over: what would another gear give?
 */
export function OtherTrains({ lathe, lead }: { lathe: Lathe; lead: Advance }) {
  const [typed, setTyped] = useState(lathe.gearing.stock.join(', '));
  const { state, run: search, stop } = useWorkerTask<TrainRequest, FoundTrain[]>(makeWorker);
  const screw = screwOf(lathe);
  const stock = readStock('stock', typed);
  if (screw === null) return null;
  const wanted = lead.mm.div(screw.mm).div(fixedRatioOf(lathe));
  return (
    <div className="grid gap-2">
      <Field
        label="Gears to choose from"
        value={typed}
        error={stock.ok ? undefined : stock.issues[0]?.message}
        onChange={(event) => setTyped(event.target.value)}
      />
      <div className="flex flex-wrap items-center gap-2">
        <Button
          disabled={!stock.ok || stock.value.length < 2 || state.is === 'running'}
          onClick={() =>
            stock.ok &&
            search({
              stock: stock.value,
              wanted: wanted.toFraction(),
              most: MOST,
              mounting: lathe.gearing.mounting,
            })
          }
        >
          Search trains of {wanted.toFraction()}
        </Button>
        {state.is === 'running' && (
          <TaskProgress share={state.share} label="Share of the search that is done" onStop={stop} />
        )}
      </div>
      {state.is === 'stopped' && <p className="text-sm">Stopped before the end: nothing is said.</p>}
      {state.is === 'failed' && (
        <Message tone="error">The search could not be begun. Reload the page.</Message>
      )}
      {state.is === 'done' && state.result.length === 0 && <p className="text-sm">None can be mounted.</p>}
      {state.is === 'done' && state.result.length > 0 && (
        <table className="w-full border-collapse text-sm">
          <caption className="sr-only">Trains, the best first</caption>
          <thead>
            <tr className="label text-left text-ink-soft">
              <th scope="col">Drivers</th>
              <th scope="col">Driven</th>
              <th scope="col" className="text-right">
                Error
              </th>
            </tr>
          </thead>
          <tbody className="figures">
            {state.result.map(({ drivers, driven, errorPpm }) => (
              <tr key={`${drivers.join()}/${driven.join()}`} className="border-t border-rule">
                <td>{drivers.join(' × ')}</td>
                <td>{driven.join(' × ')}</td>
                <td className="text-right">
                  {errorPpm === 0 ? 'exact' : `${errorPpm > 0 ? '+' : ''}${errorPpm.toFixed(1)} ppm`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}
