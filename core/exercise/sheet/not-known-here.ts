import { UNKNOWN } from '@/core/base/documents/unknown';
import type { Sheet } from './sheet';

/** A choice of a sheet that a later release has added: what it is, and what waits for the release that knows it. */
export interface NotKnownHere {
  id: string;
  title: string;
  /** It decides how a cut is made: nothing that this release says of the next cut is to be gone by. */
  cut: boolean;
  /** The mark reads it. */
  mark: boolean;
}

const CUT = { cut: true, mark: false } as const;
const BOTH = { cut: true, mark: true } as const;
const SHOWN = { cut: false, mark: false } as const;

/** What this release does not know of a sheet, each once; empty for every sheet that it made itself. */
export function notKnownHere({
  thread,
  way,
  blank,
  schedule,
  passes,
  steps,
  proof,
  words,
}: Sheet): NotKnownHere[] {
  const places: [NotKnownHere, (string | null | undefined)[]][] = [
    [{ id: 'drive', title: 'How the cut is driven', ...BOTH }, drivesOf(way, passes, words.cycles)],
    [{ id: 'infeed', title: 'How the tool is fed', ...BOTH }, [way.infeed]],
    [{ id: 'clearing', title: 'How the tool is cleared', ...CUT }, [way.clearing, way.clearOrder]],
    [{ id: 'end', title: 'How the thread ends', ...CUT }, [way.end, blank?.end]],
    [{ id: 'mark-rule', title: 'Which dial mark', ...BOTH }, [way.markRule]],
    [{ id: 'starts', title: 'How the starts are cut', ...BOTH }, [thread.startsOrder, thread.startsBy]],
    [{ id: 'school', title: 'How the schedule was made', ...BOTH }, [schedule.school]],
    [{ id: 'passes', title: 'A kind of pass', ...BOTH }, passes.map(({ kind }) => kind)],
    [{ id: 'proof', title: 'Evidence of the proof', cut: false, mark: true }, proof.map(({ kind }) => kind)],
    [{ id: 'holding', title: 'How the work is held', ...SHOWN }, [way.holding]],
    [{ id: 'zero', title: 'How the zero is taken', ...SHOWN }, [way.zeroBy]],
    [{ id: 'level', title: 'How much is recorded', ...SHOWN }, [way.level]],
    [{ id: 'shows', title: 'When a step shows its value', ...SHOWN }, steps.map(({ shows }) => shows)],
  ];
  return places.filter(([, names]) => names.includes(UNKNOWN)).map(([place]) => place);
}

const drivesOf = (way: Sheet['way'], passes: Sheet['passes'], cycles: Sheet['words']['cycles']) => [
  way.drive,
  ...passes.map(({ drive }) => drive),
  ...cycles.map(({ drive }) => drive),
];
