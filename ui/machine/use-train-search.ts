import { useCallback, useEffect, useRef, useState } from 'react';
import type { FoundTrain } from '@/core/gearing';
import type { TrainAnswer, TrainRequest } from '@/workers/find-trains-protocol';

export type TrainSearchState =
  | { is: 'idle' }
  | { is: 'searching'; share: number }
  | { is: 'done'; trains: readonly FoundTrain[] }
  | { is: 'stopped' }
  | { is: 'failed' };

/** The search of a stock in a worker: begun, watched, stopped. An answer to an older question is dropped. */
export function useTrainSearch(): {
  state: TrainSearchState;
  search: (request: Omit<TrainRequest, 'id'>) => void;
  stop: () => void;
} {
  const [state, setState] = useState<TrainSearchState>({ is: 'idle' });
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);
  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
  }, []);
  useEffect(() => end, [end]);
  const search = useCallback(
    (request: Omit<TrainRequest, 'id'>) => {
      end();
      const id = (asked.current += 1);
      const made = new Worker(new URL('../../workers/find-trains.worker.ts', import.meta.url));
      worker.current = made;
      setState({ is: 'searching', share: 0 });
      made.onmessage = ({ data }: MessageEvent<TrainAnswer>) => {
        if (data.id !== asked.current) return;
        if (data.tag === 'progress') return setState({ is: 'searching', share: data.share });
        setState({ is: 'done', trains: data.trains });
        end();
      };
      made.onerror = () => setState({ is: 'failed' });
      made.postMessage({ ...request, id } satisfies TrainRequest);
    },
    [end],
  );
  const stop = useCallback(() => {
    end();
    setState({ is: 'stopped' });
  }, [end]);
  return { state, search, stop };
}
