import { useEffect } from 'react';
import { benchButton } from './bench-button';
import { PinAgain } from './pin-again';
import type { Asleep } from './remembered';
import { signOutIsOver } from './sign-out-here';

/** Nobody is signed in at this bench: the PIN again for whoever was here on an earlier day, or the sign-in page. */
export function WhoWorksHere({ asleep, onDone }: { asleep: Asleep; onDone: () => void }) {
  useEffect(signOutIsOver, []);
  if (asleep !== null) return <PinAgain name={asleep.name} onDone={onDone} />;
  return (
    <>
      <h2 className="text-5xl">Who works here?</h2>
      <p className="text-xl">Signing in needs the network.</p>
      <div>
        <a href="/sign-in" className={benchButton('main', 'min-h-20 px-12 text-3xl')}>
          Sign in
        </a>
      </div>
    </>
  );
}
