import { useEffect, useState, type ComponentType } from 'react';
import { catchUp, beginOutbox, lookAtServer } from '@/ui/parts/outbox/outbox';
import { useNews } from '@/ui/shell/news';
import { useTouch } from '@/ui/shell/touch';
import { useStayPut } from '@/ui/shell/use-stay-put';
import type { BenchFacts } from './bench-facts';
import type { BenchWorkProps } from './bench-work';
import { keepLoaded, registerWorker } from './keep-the-bench';
import { keepKnown, remembered } from './remembered';

/** So long nothing is touched: then the rest of the bench is fetched, to be there when the network is not. */
const QUIET_MS = 15_000;
const LOOK_MS = { well: 20_000, lost: 3000 } as const;

/** The heavy part of the bench: what is shown while a piece is in hand. */
export interface Work {
  Work: ComponentType<BenchWorkProps>;
}

/** Draws nothing: it keeps, sends and looks, as long as the bench is open. */
export function BenchKeeper({
  told,
  inHand,
  load,
  onRecalled,
  onWork,
}: {
  /** What the server has said last; null where it has said nothing, or that nobody works here. */
  told: BenchFacts | null;
  /** Whether a piece is in hand. */
  inHand: boolean;
  load: () => Promise<void>;
  onRecalled: (known: BenchFacts | null) => void;
  onWork: (work: Work) => void;
}) {
  const lost = useTouch().since !== null;
  useStayPut(lost);
  useWork(inHand, onWork);
  useNews(() => void load());

  useEffect(() => {
    let here = true;
    beginOutbox();
    registerWorker();
    void remembered().then((known) => here && onRecalled(known));
    return () => void (here = false);
  }, [onRecalled]);
  useEffect(() => {
    if (told !== null) void keepKnown(told);
  }, [told]);

  // Looks by itself whether the server is there; when it comes back, it is caught up with.
  useEffect(() => {
    const timer = window.setInterval(
      () =>
        void lookAtServer().then((well) => {
          if (well && lost) void catchUp().then(load);
        }),
      lost ? LOOK_MS.lost : LOOK_MS.well,
    );
    return () => window.clearInterval(timer);
  }, [lost, load]);
  return null;
}

/** The heavy part: with the first touch, when a piece is open, or after a quiet while. What fails is tried again. */
function useWork(now: boolean, onWork: (work: Work) => void): void {
  const [fetched, setFetched] = useState(false);
  const [failures, setFailures] = useState(0);
  const [wanted, setWanted] = useState(false);
  useEffect(() => {
    const want = () => setWanted(true);
    const timer = window.setTimeout(want, QUIET_MS);
    window.addEventListener('pointerdown', want, { once: true });
    window.addEventListener('keydown', want, { once: true });
    return () => {
      window.clearTimeout(timer);
      window.removeEventListener('pointerdown', want);
      window.removeEventListener('keydown', want);
    };
  }, []);
  useEffect(() => {
    if ((!wanted && !now) || fetched) return undefined;
    let here = true;
    let timer: number | undefined;
    import('./bench-work').then(
      (module) => {
        if (here) {
          setFetched(true);
          onWork({ Work: module.BenchWork });
        }
        keepLoaded();
      },
      () => {
        timer = window.setTimeout(() => setFailures((before) => before + 1), LOOK_MS.lost);
      },
    );
    return () => {
      here = false;
      window.clearTimeout(timer);
    };
  }, [wanted, now, fetched, failures, onWork]);
}
