import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { pitchOf, type Side, type Thread } from '@/core/thread/standards/thread';
import { standardThreads } from '@/core/thread/standards/suggest';
import { threadLimits } from '@/core/thread/standards/limits';

/** The same size and pitch in another class of its standard. */
export function otherClasses(thread: Thread): Thread[] {
  return variants(thread).filter((other) => {
    try {
      return threadLimits(other).pitchDiameter.min > 0;
    } catch {
      // A class that the standard does not give for this pitch.
      return false;
    }
  });
}

function variants(thread: Thread): Thread[] {
  if (thread.system === 'unified')
    return ([1, 2, 3] as const)
      .filter((fit) => fit !== thread.toleranceClass.fit)
      .map((fit) => ({ ...thread, toleranceClass: { fit } }));
  if (thread.system === 'acme')
    return ([2, 3, 4] as const)
      .filter((fit) => fit !== thread.toleranceClass.fit)
      .map((fit) => ({ ...thread, toleranceClass: { fit } }));
  if (thread.system !== 'metric') return [];
  const { pitchGrade, crestGrade, position } = thread.toleranceClass;
  const grades = thread.side === 'external' ? [4, 6, 8] : [5, 6, 7];
  const positions = thread.side === 'external' ? ['h', 'g', 'f', 'e'] : ['H', 'G'];
  return positions.flatMap((other) =>
    grades
      .filter((grade) => other !== position || grade !== pitchGrade || grade !== crestGrade)
      .map((grade) => ({
        ...thread,
        toleranceClass: { pitchGrade: grade, crestGrade: grade, position: other },
      })),
  );
}

const standard = new Map<Side, Thread[]>();

/** The threads of the standard series, read once. */
function standardOnes(side: Side): Thread[] {
  const known = standard.get(side);
  if (known !== undefined) return known;
  const made = standardThreads(side).flatMap((designation) => {
    const read = parseDesignation(designation);
    return read.ok ? [read.value.thread] : [];
  });
  standard.set(side, made);
  return made;
}

/** The coarser and the finer neighbour of the same diameter in the standard series, in the class of the thread. */
export function neighbours(thread: Thread): Thread[] {
  const pitch = pitchOf(thread);
  const same = standardOnes(thread.side)
    .filter(
      (other) =>
        other.system === thread.system &&
        other.nominalDiameter === thread.nominalDiameter &&
        Math.abs(pitchOf(other) - pitch) > 1e-9,
    )
    .map((other) => inClassOf(other, thread));
  // Of inch sizes the neighbour in the named series is meant as often as that of a constant pitch.
  const named = same.filter((other) => other.system !== 'unified' || other.series !== 'UN');
  return [...new Set([...nearest(same, pitch), ...nearest(named, pitch)])];
}

function nearest(threads: readonly Thread[], pitch: number): Thread[] {
  const by = (a: Thread, b: Thread) => pitchOf(a) - pitchOf(b);
  const coarser = threads.filter((other) => pitchOf(other) > pitch).toSorted(by)[0];
  const finer = threads
    .filter((other) => pitchOf(other) < pitch)
    .toSorted(by)
    .at(-1);
  return [coarser, finer].filter((each) => each !== undefined);
}

function inClassOf(other: Thread, thread: Thread): Thread {
  if (other.system === 'unified' && thread.system === 'unified')
    return { ...other, toleranceClass: thread.toleranceClass };
  if (other.system === 'metric' && thread.system === 'metric')
    return { ...other, toleranceClass: thread.toleranceClass };
  return other;
}
