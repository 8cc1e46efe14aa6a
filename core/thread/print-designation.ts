import { pitchOf, leadOf, tpiOf, type MetricClass, type Thread } from './thread';

/** The one spelling in which a thread is stored and shown: `3/4-16 UNF-2A`, `M16x2-6g`, `M20xPh5P2.5-6g-LH`. */
export function printDesignation(thread: Thread): string {
  const hand = thread.hand === 'left' ? '-LH' : '';
  if (thread.system === 'unified') {
    const letter = thread.side === 'external' ? 'A' : 'B';
    return `${thread.sizeLabel}-${printTpi(thread)} ${thread.series}-${thread.toleranceClass.fit}${letter}${hand}`;
  }
  const pitch = thread.starts === 1 ? `${pitchOf(thread)}` : `Ph${leadOf(thread)}P${pitchOf(thread)}`;
  return `M${thread.sizeLabel}x${pitch}-${printMetricClass(thread.toleranceClass)}${hand}`;
}

/** Threads per inch as spoken: `16`, `11 1/2`. */
export function printTpi(thread: Thread): string {
  return tpiOf(thread).toFraction(true);
}

export function printMetricClass({ pitchGrade, crestGrade, position }: MetricClass): string {
  const pitch = `${pitchGrade}${position}`;
  return crestGrade === pitchGrade ? pitch : `${pitch}${crestGrade}${position}`;
}
