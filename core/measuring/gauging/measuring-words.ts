import type { Side } from '@/core/thread/standards/thread';

/** How the trade says what is measured, by side of the thread. */
export interface MeasuringWords {
  /** What lies in the grooves: `wires`. */
  pieces: string;
  /** The measurement: `over wires`. */
  over: string;
  /** The crest diameter: `major diameter`. */
  crest: string;
  /** The work before the thread: `blank`. */
  work: string;
  /** What goes on the thread, or into it. */
  mate: string;
}

export const MEASURING_WORDS: Record<Side, MeasuringWords> = {
  external: {
    pieces: 'wires',
    over: 'over wires',
    crest: 'major diameter',
    work: 'blank',
    mate: 'nut',
  },
  internal: {
    pieces: 'balls',
    over: 'over balls',
    crest: 'minor diameter',
    work: 'bore',
    mate: 'screw',
  },
};

/** With a capital, for labels. @example capital('over wires') // 'Over wires' */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** With a small letter, inside a sentence; what is written in capitals keeps them. @example inSentence('GO gauge') // 'GO gauge' */
export function inSentence(text: string): string {
  return /^[A-Z][a-z\s]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
}
