import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { matingThread } from '@/core/thread/standards/fit';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { printDesignation } from '@/core/thread/standards/print-designation';
import { threadLimits } from '@/core/thread/standards/limits';
import type { Band } from '@/core/thread/standards/thread-limits';
import type { Thread } from '@/core/thread/standards/thread';

/** Between which pitch diameters the nut (or plug) at hand lies; null where nothing is known of it. */
export type NutSize = Band | null;

const CLASS = /-(?:\d[AB]|\dG|\d+[A-Za-z](?:\d+[A-Za-z])?)(?=$|[ -])/;

/**
 * The pitch diameters that a nut (for an internal thread: a plug) of a class may have, by its standard.
 * @param named its class as spoken: `2B`, `6H`; empty: the usual mate
 * @example nutOfClass(3/4-16 UNF-2A, '2B') // { min: 0.7094, max: 0.7159 }
 */
export function nutOfClass(thread: Thread, named = '', field = 'nut'): Result<Band> {
  const mate = matingThread(thread);
  const wanted = named.trim();
  if (wanted === '') return good(threadLimits(mate).pitchDiameter);
  const usual = printDesignation(mate);
  const text = CLASS.test(usual) ? usual.replace(CLASS, `-${wanted}`) : usual;
  const read = parseDesignation(text, field);
  const found = read.ok ? read.value.thread : null;
  const sameThread =
    found !== null &&
    found.side === mate.side &&
    found.pitch.equals(mate.pitch) &&
    found.nominalDiameter === mate.nominalDiameter;
  if (found === null || !sameThread || !printDesignation(found).includes(wanted.toUpperCase().slice(0, 1)))
    return bad(
      field,
      'unreadable',
      `“${wanted}” is no class of what goes ${thread.side === 'external' ? 'on' : 'into'} this thread: the usual one is ${usual}.`,
    );
  return good(threadLimits(found).pitchDiameter);
}

/** A nut whose own pitch diameter is known, as an effective size with its uncertainty. */
export function nutOfSize(pitchDiameter: number, uncertainty: number): Band {
  return { min: pitchDiameter - uncertainty, max: pitchDiameter + uncertainty };
}
