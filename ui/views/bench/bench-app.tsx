'use client';

import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { ask } from '@/ui/shell/ask';
import { useTouch } from '@/ui/shell/touch';
import type { BenchFacts } from './bench-facts';
import { BenchHomeView } from './bench-home';
import type { Work } from './bench-keeper';
import { BenchLineToCome } from './bench-line-to-come';
import type { Asleep } from './remembered';
import { deviceHere, useDevice } from './use-device';

/** An answer that takes longer is not waited for: what the device remembers is shown. */
const SOON_MS = 400;

/** The bench opens with what is next; what the device keeps comes after it, the heavy part with the first touch. */
export function BenchApp() {
  const [home, setHome] = useState<BenchFacts | null>(null);
  /** As the server has told it last, not as the device remembers it. */
  const [told, setTold] = useState<BenchFacts | null>(null);
  const [nobody, setNobody] = useState<{ asleep: Asleep } | null>(null);
  const piece = useSyncExternalStore(watchHash, pieceInHash, () => null);
  /** No answer yet: what the device remembers is wanted. */
  const [slow, setSlow] = useState(false);
  const [recalled, setRecalled] = useState(false);
  const [work, setWork] = useState<Work | null>(null);
  const device = useDevice(home !== null || nobody !== null || slow);
  const lost = useTouch().since !== null;

  const answered = useRef(false);
  const load = useCallback(async () => {
    const sent = await ask<BenchFacts>('/api/bench');
    answered.current ||= sent.ok || !sent.later;
    if (sent.ok) {
      setHome(sent.value);
      setTold(sent.value);
      setNobody(null);
    } else if (sent.later) setSlow(true);
    else {
      setTold(null);
      const asleep = await (await deviceHere()).nobodyWorks();
      setHome(null);
      setNobody({ asleep });
    }
  }, []);
  // Whoever worked here last, until the server has said who works here now.
  const onRecalled = useCallback((known: BenchFacts | null) => {
    if (!answered.current && known !== null) setHome((before) => before ?? known);
    setRecalled(true);
  }, []);

  useEffect(() => {
    const timer = setTimeout(() => setSlow(true), SOON_MS);
    void (async () => load())();
    return () => clearTimeout(timer);
  }, [load]);

  const open = (attemptId: number | null) => {
    window.location.hash = attemptId === null ? '' : String(attemptId);
    if (attemptId === null) void load();
  };

  const inHand = piece !== null && home !== null && work !== null && device !== null;
  return (
    <>
      {device !== null && (
        <device.BenchKeeper
          told={told}
          inHand={piece !== null}
          load={load}
          onRecalled={onRecalled}
          onWork={setWork}
        />
      )}
      {inHand ? (
        <work.Work
          key={piece}
          attemptId={piece}
          home={home}
          onHome={() => open(null)}
          line={<device.BenchLine />}
        />
      ) : (
        <div className="flex h-dvh flex-col">
          <header className="flex min-h-14 items-center gap-4 bg-paper px-5">
            <p className="font-head text-2xl font-semibold tracking-wide">Oyakata</p>
            <h1 className="text-2xl">Bench{home === null ? '' : `: ${home.person.name}`}</h1>
          </header>
          {device === null ? <BenchLineToCome /> : <device.BenchLine />}
          {home === null ? (
            <main className="grid content-start gap-4 bg-paper-raised p-8">
              {nobody !== null && device !== null ? (
                <device.WhoWorksHere asleep={nobody.asleep} onDone={() => void load()} />
              ) : (
                <p className="text-2xl">
                  {lost && recalled
                    ? 'No network, and this device knows nothing yet.'
                    : 'Looking what is next…'}
                </p>
              )}
            </main>
          ) : piece !== null ? (
            <main className="bg-paper-raised p-8">
              <p role="status" className="text-2xl">
                {lost ? 'No network, and this part is not here yet.' : 'Opening…'}
              </p>
            </main>
          ) : (
            <BenchHomeView
              home={home}
              onOpen={open}
              onSignOut={() => void deviceHere().then(({ signOutHere }) => signOutHere())}
            />
          )}
        </div>
      )}
    </>
  );
}

/** The piece in hand: a place on the page, not another page. It works without the network, and a reload comes back to it. */
function pieceInHash(): number | null {
  return Number(window.location.hash.slice(1)) || null;
}

function watchHash(listener: () => void): () => void {
  window.addEventListener('hashchange', listener);
  return () => window.removeEventListener('hashchange', listener);
}
