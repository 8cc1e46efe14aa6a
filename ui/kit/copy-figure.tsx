'use client';

import { useSay } from './shop-words';
import { useToast } from './toast';

/** A figure that a click copies, without its unit. */
export function CopyFigure({ figures, label }: { figures: string; label: string }) {
  const say = useToast();
  const inOwnWords = useSay();
  async function copy() {
    try {
      await navigator.clipboard.writeText(figures);
      say(`${figures} copied.`);
    } catch {
      say('The browser does not let this page copy. Select the figure and copy it by hand.', 'bad');
    }
  }
  return (
    <button
      type="button"
      aria-label={inOwnWords(`Copy ${label}: ${figures}`)}
      onClick={() => void copy()}
      className="figures min-h-6 rounded-cut px-1 hover:bg-brass-wash tablet:min-h-12"
    >
      {figures}
    </button>
  );
}
