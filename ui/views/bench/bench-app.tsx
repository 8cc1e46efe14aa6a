'use client';

import { useCallback, useEffect, useState, type ComponentType } from 'react';

import { useNews } from '@/ui/shell/news';
import { ask } from '@/ui/shell/send';
import { useTouch } from '@/ui/shell/touch';
import { useStayPut } from '@/ui/shell/use-stay-put';
import { signOut } from '@/ui/parts/outbox/sign-out';
import { benchButton } from './bench-button';
import { BenchHomeView } from './bench-home';
import { BenchLine } from './bench-line';
import { hasFreshGrant, recall, remember, whoWorks } from '@/ui/parts/outbox/bench-store';
import type { BenchWorkProps } from './bench-work';
import { keepLoaded, registerWorker } from './keep-the-bench';
import { PinAgain } from './pin-again';
import { askForGrant, beginOutbox, catchUp, lookAtServer } from '@/ui/parts/outbox/outbox';
import { worksHere } from '@/ui/parts/outbox/works-here';
import type { BenchFacts } from './bench-facts';

/** So long nothing is touched: then the rest of the bench is fetched, to be there when the network is not. */
const QUIET_MS = 15_000;
const LOOK_MS = { well: 20_000, lost: 3000 } as const;

/** The bench opens with what is next; the heavy part comes with the first touch. */
export function BenchApp() {
  const [home, setHome] = useState<BenchFacts | null>(null);
  const [nobody, setNobody] = useState(false);
  /** Whose session is of an earlier day: the PIN alone is asked for. */
  const [asleep, setAsleep] = useState<{ id: number; name: string } | null>(null);
  const [piece, setPiece] = useState<number | null>(null);
  const work = useWork(piece !== null);
  const { since } = useTouch();
  const lost = since !== null;
  useStayPut(lost);

  const load = useCallback(async () => {
    const sent = await ask<BenchFacts>('/api/bench');
    if (sent.ok) {
      const { person } = sent.value;
      setHome(sent.value);
      setNobody(false);
      await keepKnown(sent.value);
      // Only what students record is kept here; staff record with their own session.
      if (sent.value.records && !(await hasFreshGrant(person.id).catch(() => true)))
        await askForGrant(person.id);
    } else if (!sent.later) {
      const session = await ask<{ state: string; who: { id: number; name: string } | null }>('/api/session');
      setAsleep(session.ok && session.value.state === 'asleep' ? session.value.who : null);
      // Nobody is signed in: what was remembered of whoever was goes; what is still to be sent stays.
      await worksHere(null).catch(() => undefined);
      setHome(null);
      setNobody(true);
    }
  }, []);

  useEffect(() => {
    beginOutbox();
    registerWorker();
    const hash = Number(window.location.hash.slice(1));
    let here = true;
    void (async () => {
      const known = await remembered();
      if (here && known !== null) setHome((before) => before ?? known);
      if (here && Number.isInteger(hash) && hash > 0) setPiece(hash);
      await load();
    })();
    const goes = () => setPiece(Number(window.location.hash.slice(1)) || null);
    window.addEventListener('hashchange', goes);
    return () => {
      here = false;
      window.removeEventListener('hashchange', goes);
    };
  }, [load]);

  useNews(() => void load());

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

  const open = (attemptId: number | null) => {
    // The place on the page, not another page: it works without the network, and a reload comes back to it.
    window.location.hash = attemptId === null ? '' : String(attemptId);
    setPiece(attemptId);
    if (attemptId === null) void load();
  };

  if (piece !== null && home !== null && work !== null)
    return (
      <Fetched
        key={piece}
        work={work}
        attemptId={piece}
        home={home}
        onHome={() => open(null)}
        line={<BenchLine />}
      />
    );
  return (
    <div className="flex h-dvh flex-col">
      <header className="flex min-h-14 items-center gap-4 bg-paper px-5">
        <p className="font-head text-2xl font-semibold tracking-wide">Oyakata</p>
        <h1 className="text-2xl">Bench{home === null ? '' : `: ${home.person.name}`}</h1>
      </header>
      <BenchLine />
      {home === null ? (
        <main className="grid content-start gap-4 bg-paper-raised p-8">
          {nobody && asleep !== null ? (
            <PinAgain name={asleep.name} onDone={() => void load()} />
          ) : nobody ? (
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
              {lost ? 'This device knows nothing yet, and there is no network.' : 'Looking what is next…'}
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
        <BenchHomeView home={home} onOpen={open} onSignOut={() => void signOut()} />
      )}
    </div>
  );
}

async function remembered(): Promise<BenchFacts | null> {
  try {
    const who = await whoWorks();
    return who === null ? null : await recall<BenchFacts>('home', who.id);
  } catch {
    return null;
  }
}

async function keepKnown(facts: BenchFacts): Promise<void> {
  try {
    await worksHere(facts.person);
    await remember('home', facts.person.id, facts);
  } catch {
    // A browser that keeps nothing still shows what the server tells.
  }
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
  }, [wanted, now, part, failures]);
  return part;
}
