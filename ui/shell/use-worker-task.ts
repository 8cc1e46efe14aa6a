import { useCallback, useEffect, useRef, useState } from 'react';
import type { Answer, Asked } from '@/workers/protocol';

export type WorkerTaskState<Result> =
  | { is: 'idle' }
  | { is: 'running'; share: number }
  | { is: 'done'; result: Result }
  | { is: 'stopped' }
  | { is: 'failed' };

/**
 * A long computation in a worker: begun, watched, stopped. A new one ends the one before; an answer to an older question
 * is dropped.
 * @param make makes the worker; one function for the life of the component
 */
export function useWorkerTask<Request, Result>(
  make: () => Worker,
): { state: WorkerTaskState<Result>; run: (request: Request) => void; stop: () => void } {
  const [state, setState] = useState<WorkerTaskState<Result>>({ is: 'idle' });
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);
  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
  }, []);
  useEffect(() => end, [end]);
  const run = useCallback(
    (request: Request) => {
      end();
      const id = (asked.current += 1);
      const made = make();
      worker.current = made;
      setState({ is: 'running', share: 0 });
      made.onmessage = ({ data }: MessageEvent<Answer<Result>>) => {
        if (data.id !== asked.current) return;
        if (data.tag === 'progress') return setState({ is: 'running', share: data.share });
        setState({ is: 'done', result: data.result });
        end();
      };
      made.onerror = () => setState({ is: 'failed' });
      made.postMessage({ id, request } satisfies Asked<Request>);
    },
    [end, make],
  );
  const stop = useCallback(() => {
    end();
    setState({ is: 'stopped' });
  }, [end]);
  return { state, run, stop };
}
