'use client';

import { useEffect, useState, type ComponentType } from 'react';
import { atFirstTouch } from './first-touch';
import { later } from './later';

/** How long after a failure it is tried again. */
const AGAIN_MS = 3000;

/**
 * A part of a page whose code is fetched when it is first shown. While it can not be had, that is said in its place and it
 * is tried again by itself: the page around it, and what was typed there, stays.
 *
 * @param waiting what stands there meanwhile: words, or something that can be shown without it
 * @param ahead it is light and likely wanted: fetched when the page is first touched, so that it is there at once
 */
export function fetchedPart<P extends object>(
  fetchIt: () => Promise<{ default: ComponentType<P> }>,
  waiting: string | ((props: P) => React.JSX.Element),
  { ahead = false } = {},
): (props: P) => React.JSX.Element {
  const part = later<ComponentType<P>>();
  const bring = () => fetchIt().then((module) => part.came(module.default));
  if (ahead) atFirstTouch(() => void bring().catch(() => undefined));
  return function FetchedPart(props: P) {
    const Part = part.useIt();
    const [failures, setFailures] = useState(0);
    useEffect(() => {
      if (part.now() !== null) return undefined;
      let shown = true;
      let timer: number | undefined;
      bring().catch(() => {
        if (shown) timer = window.setTimeout(() => setFailures((before) => before + 1), AGAIN_MS);
      });
      return () => {
        shown = false;
        window.clearTimeout(timer);
      };
    }, [failures]);
    if (Part !== null) return <Part {...props} />;
    if (typeof waiting !== 'string') return waiting(props);
    return (
      <p role="status" className="p-4">
        {failures === 0 ? waiting : 'This part can not be fetched now; it is tried again. The rest goes on.'}
      </p>
    );
  };
}
