import { configure } from '@testing-library/react';
import '@/ui/kit/first-touch';

/** For tests: a busy machine draws late, and a slow pass is no failure. */
configure({ asyncUtilTimeout: 30_000 });

// The page was touched: what comes with the first touch is there when a test begins.
window.dispatchEvent(new Event('pointerdown'));

// The simulated browser draws nothing, so it can not scroll.
Element.prototype.scrollIntoView = () => undefined;
