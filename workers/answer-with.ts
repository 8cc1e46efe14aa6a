import type { Answer, Asked } from './protocol';

/** How often progress is told, as a share of the whole. */
const STEP = 0.02;

/** Makes a worker of a function: it is told what is asked and tells how far it is. */
export function answerWith<Request, Result>(
  run: (request: Request, progress: (share: number) => void) => Result,
): void {
  const tell = (answer: Answer<Result>) => self.postMessage(answer);
  self.onmessage = ({ data: { id, request } }: MessageEvent<Asked<Request>>) => {
    let told = 0;
    const result = run(request, (share) => {
      if (share - told >= STEP) tell({ id, tag: 'progress', share: (told = share) });
    });
    tell({ id, tag: 'done', result });
  };
}
