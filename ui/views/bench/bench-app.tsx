'use client';

import { useCallback, useEffect, useRef, useState, useSyncExternalStore, type ComponentType } from 'react';

import { useNews } from '@/ui/shell/news';
import { ask } from '@/ui/shell/send';
import { useTouch } from '@/ui/shell/touch';
import { useStayPut } from '@/ui/shell/use-stay-put';
import { benchButton } from './bench-button';
import { BenchHomeView } from './bench-home';
import type { BenchWorkProps } from './bench-work';
import type { BenchFacts } from './bench-facts';
import { BenchLineToCome } from './bench-line-to-come';
import { deviceHere, useDevice } from './use-device';

/** An answer that takes longer is not waited for: what the device remembers is shown. */
const SOON_MS = 400;
/** So long nothing is touched: then the rest of the bench is fetched, to be there when the network is not. */
const QUIET_MS = 15_000;
const LOOK_MS = { well: 20_000, lost: 3000 } as const;

/** The bench opens with what is next; what the device keeps comes after it, the heavy part with the first touch. */
export function BenchApp() {
  const [home, setHome] = useState<BenchFacts | null>(null);
  /** As the server has told it last, not as the device remembers it. */
  const [told, setTold] = useState<BenchFacts | null>(null);
  const [nobody, setNobody] = useState(false);
  /** Whose session is of an earlier day: the PIN alone is asked for. */
  const [asleep, setAsleep] = useState<{ id: number; name: string } | null>(null);
  const piece = useSyncExternalStore(watchHash, pieceInHash, () => null);
  /** No answer yet: what the device remembers is wanted. */
  const [slow, setSlow] = useState(false);
  const [recalled, setRecalled] = useState(false);
  const device = useDevice(home !== null || nobody || slow);
  const work = useWork(piece !== null);
  const { since } = useTouch();
  const lost = since !== null;
  useStayPut(lost);

  const answered = useRef(false);
  const load = useCallback(async () => {
    const sent = await ask<BenchFacts>('/api/bench');
    if (sent.ok || !sent.later) answered.current = true;
    if (sent.ok) {
      setHome(sent.value);
      setTold(sent.value);
      setNobody(false);
    } else if (sent.later) setSlow(true);
    else {
      setTold(null);
      const session = await ask<{ state: string; who: { id: number; name: string } | null }>('/api/session');
      setAsleep(session.ok && session.value.state === 'asleep' ? session.value.who : null);
      await (await deviceHere()).forgetWho();
      setHome(null);
      setNobody(true);
    }
  }, []);

  useEffect(() => {
    const timer = window.setTimeout(() => setSlow(true), SOON_MS);
    void (async () => {
      await load();
      window.clearTimeout(timer);
    })();
    return () => window.clearTimeout(timer);
  }, [load]);

  useEffect(() => {
    if (device === null) return undefined;
    let here = true;
    device.beginOutbox();
    device.registerWorker();
    // Whoever worked here last, until the server has said who works here now.
    void device.remembered().then((known) => {
      if (!here) return;
      if (!answered.current && known !== null) setHome((before) => before ?? known);
      setRecalled(true);
    });
    return () => void (here = false);
  }, [device]);
  useEffect(() => {
    if (told !== null) void device?.keepKnown(told);
  }, [device, told]);

  useNews(() => void load());

  // Looks by itself whether the server is there; when it comes back, it is caught up with.
  useEffect(() => {
    const timer = window.setInterval(
      () =>
        void device?.lookAtServer().then((well) => {
          if (well && lost) void device.catchUp().then(load);
        }),
      lost ? LOOK_MS.lost : LOOK_MS.well,
    );
    return () => window.clearInterval(timer);
  }, [device, lost, load]);

  const open = (attemptId: number | null) => {
    window.location.hash = attemptId === null ? '' : String(attemptId);
    if (attemptId === null) void load();
  };

  if (piece !== null && home !== null && work !== null && device !== null)
    return (
      <Fetched
        key={piece}
        work={work}
        attemptId={piece}
        home={home}
        onHome={() => open(null)}
        line={<device.BenchLine />}
      />
    );
  return (
    <div className="flex h-dvh flex-col">
      <header className="flex min-h-14 items-center gap-4 bg-paper px-5">
        <p className="font-head text-2xl font-semibold tracking-wide">Oyakata</p>
        <h1 className="text-2xl">Bench{home === null ? '' : `: ${home.person.name}`}</h1>
      </header>
      {device === null ? <BenchLineToCome /> : <device.BenchLine />}
      {home === null ? (
        <main className="grid content-start gap-4 bg-paper-raised p-8">
          {nobody && device !== null && asleep !== null ? (
            <device.PinAgain name={asleep.name} onDone={() => void load()} />
          ) : nobody && device !== null ? (
            <>
              <h2 className="text-5xl">Who works here?</h2>
              <p className="text-xl">Signing in needs the network.</p>
              <div>
                <a href="/sign-in" className={benchButton('main', 'min-h-20 px-12 text-3xl')}>
                  Sign in
                </a>
              </div>
            </>
          ) : (
            <p className="text-2xl">
              {lost && recalled
                ? 'This device knows nothing yet, and there is no network.'
                : 'Looking what is next…'}
            </p>
          )}
        </main>
      ) : piece !== null ? (
        <main className="bg-paper-raised p-8">
          <p role="status" className="text-2xl">
            {lost
              ? 'This part was not fetched yet, and there is no network. It is tried again.'
              : 'Opening the piece…'}
          </p>
        </main>
      ) : (
        <BenchHomeView
          home={home}
          onOpen={open}
          onSignOut={() => void deviceHere().then(({ signOut }) => signOut())}
        />
      )}
    </div>
  );
}

/** The piece in hand: a place on the page, not another page. It works without the network, and a reload comes back to it. */
function pieceInHash(): number | null {
  const piece = Number(window.location.hash.slice(1));
  return Number.isInteger(piece) && piece > 0 ? piece : null;
}

function watchHash(listener: () => void): () => void {
  window.addEventListener('hashchange', listener);
  return () => window.removeEventListener('hashchange', listener);
}

interface Part {
  Work: ComponentType<BenchWorkProps>;
}

function Fetched({ work: { Work }, ...props }: BenchWorkProps & { work: Part }) {
  return <Work {...props} />;
}

/** The heavy part: with the first touch, when a piece is open, or after a quiet while. What fails is tried again. */
function useWork(now: boolean): Part | null {
  const [part, setPart] = useState<Part | null>(null);
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
    if ((!wanted && !now) || part !== null) return undefined;
    let here = true;
    let timer: number | undefined;
    import('./bench-work').then(
      (module) => {
        if (here) setPart({ Work: module.BenchWork });
        void deviceHere().then(({ keepLoaded }) => keepLoaded());
      },
      () => {
        timer = window.setTimeout(() => setFailures((before) => before + 1), LOOK_MS.lost);
      },
    );
    return () => {
      here = false;
      window.clearTimeout(timer);
    };
  }, [wanted, now, part, failures]);
  return part;
}
