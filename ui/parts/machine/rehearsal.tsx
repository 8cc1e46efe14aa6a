'use client';

import { useState } from 'react';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { catchAt, wayToNearest } from '@/core/machine/thread-dial/catch-at';
import { Button } from '@/ui/kit/button';
import { useSay } from '@/ui/kit/shop-words';
import { DialFace, placeOf } from './dial-face';
import { useTurning } from './use-turning';

interface Try {
  text: string;
  good: boolean;
}

/**
 * A rehearsal without metal: the dial turns as fast as it will, the half nut is pressed at the dial mark, and early, late and
 * missed catches are told. Nothing of it is recorded.
 */
export function Rehearsal({ dial, halfNut }: { dial: Sheet['dial']; halfNut: string }) {
  const say = useSay();
  const [running, setRunning] = useState(false);
  const [first, setFirst] = useState<number | null>(null);
  const [tries, setTries] = useState<readonly Try[]>([]);
  const { turned, now } = useTurning(dial.turnSeconds, running);
  const teeth = dial.gearTeeth ?? 1;
  const places = dial.marks.map(({ at }) => placeOf(at) * teeth);
  const group = first === null ? 0 : groupOf(dial, places, first, teeth);

  function press() {
    const at = now();
    const caught = catchAt(at, {
      gearTeeth: teeth,
      turnsToRepeat: dial.turnsToRepeat ?? 1,
      marks: places,
      first: first ?? Math.round(at * teeth),
    });
    const name = caught.mark === null ? null : (dial.marks[caught.mark]?.name ?? '');
    if (first === null) {
      if (name === null) {
        const way = wayToNearest(at, teeth, places);
        return told(
          `Between two dial marks, ${way < 0 ? 'early' : 'late'}: begin at one, or it can not be found again.`,
          false,
        );
      }
      setFirst(caught.seat);
      return told(`First catch at ${name}: the others of its set are filled now.`, true);
    }
    const safe = places.filter((_, index) => dial.marks[index]?.group === group);
    const way = wayToNearest(at, teeth, safe);
    const seconds = (Math.abs(way) / teeth) * (dial.turnSeconds ?? 0);
    if (caught.safe)
      return told(
        `${name ?? 'A safe seat'}: in the groove${Math.abs(caught.offBy) > 0.15 ? `, ${seconds.toFixed(2)} s ${way < 0 ? 'early' : 'late'}` : ', on the dial mark'}.`,
        true,
      );
    return told(
      `${seconds.toFixed(2)} s too ${way < 0 ? 'early' : 'late'}: it closed ${name === null ? 'between the dial marks' : `at ${name}`}, beside the groove. The thread would be cross-cut.`,
      false,
    );
  }
  const told = (text: string, good: boolean) => setTries((before) => [{ text, good }, ...before].slice(0, 5));
  const good = tries.filter((each) => each.good).length;

  if (dial.turnSeconds === null || dial.marks.length === 0) return null;
  return (
    <div className="grid grid-cols-[auto_1fr] items-start gap-5">
      <div className="bg-dye-deep p-3">
        <DialFace dial={dial} turned={turned} chosen={group ?? 0} size={300} />
      </div>
      <div className="grid content-start gap-3">
        <p>
          {say(
            `The dial turns as at the lathe: once in ${dial.turnSeconds.toFixed(1)} s. Press when a filled dial mark meets the index.`,
          )}
        </p>
        <div className="flex flex-wrap gap-2">
          {running ? (
            <Button tone="main" size="bench" onClick={press} autoFocus>
              {say(`Close the ${halfNut}`)}
            </Button>
          ) : (
            <Button tone="main" size="bench" onClick={() => setRunning(true)}>
              Start the lathe
            </Button>
          )}
          {running && <Button onClick={() => setRunning(false)}>Stop</Button>}
          {(first !== null || tries.length > 0) && (
            <Button
              onClick={() => {
                setFirst(null);
                setTries([]);
              }}
            >
              From the beginning
            </Button>
          )}
        </div>
        <ol aria-live="polite" className="grid gap-1">
          {tries.map(({ text, good: right }, index) => (
            <li key={tries.length - index} className={index === 0 ? 'text-lg font-medium' : 'text-ink-soft'}>
              {right ? '✓' : '✗'} {say(text)}
            </li>
          ))}
        </ol>
        {tries.length > 0 && (
          <p className="text-sm text-ink-soft">
            {good} of the last {tries.length} good. Nothing of this is recorded.
          </p>
        )}
      </div>
    </div>
  );
}

/** The set of marks to which the first catch belongs. */
function groupOf(
  dial: Sheet['dial'],
  places: readonly number[],
  first: number,
  teeth: number,
): number | null {
  const within = ((first % teeth) + teeth) % teeth;
  const at = places.findIndex((place) => Math.abs(place - within) < 1e-6);
  return dial.marks[at]?.group ?? null;
}
