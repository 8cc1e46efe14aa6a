'use client';

import { useState, type ReactNode } from 'react';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Button } from '@/ui/kit/button';
import { useSay } from '@/ui/kit/shop-words';
import { DialFace } from './dial-face';
import { GearTrain } from './gear-train';
import { LeverTable, Says, SpeedFacts } from './machine-facts';
import { Rehearsal } from './rehearsal';
import { useTurning } from './use-turning';

/** One lathe for one sheet: gearing, thread dial with its rehearsal, speed and travel. */
export default function MachinePanel({ sheet, underGears }: { sheet: Sheet; underGears?: ReactNode }) {
  const say = useSay();
  const [rehearses, setRehearses] = useState(false);
  const [turning, setTurning] = useState(false);
  const { gearing, dial, speed, travel, words } = sheet;
  const { turned } = useTurning(dial.turnSeconds, turning);
  const name = sheet.lathe.name;
  if (gearing.from === 'not-kept')
    return <p className="p-4">This sheet was handed out before the machine’s settings were kept with it.</p>;
  if (rehearses)
    return (
      <div className="grid gap-3 p-4">
        <div className="flex items-center justify-between">
          <h3 className="text-xl">{say(`Rehearsal on ${name} at ${Number(speed.rpm.toFixed(1))} rpm`)}</h3>
          <Button onClick={() => setRehearses(false)}>Back to the machine</Button>
        </div>
        <Rehearsal dial={dial} halfNut={words.halfNut} />
      </div>
    );
  return (
    <div className="grid grid-cols-2 gap-x-6 gap-y-4 p-4">
      <section aria-label="Gearing" className="grid content-start gap-2">
        <h3 className="text-xl">{say(`Gearing of ${name}`)}</h3>
        <LeverTable gearing={gearing} />
        {gearing.gears.length > 0 && (
          <div className="bg-dye-deep p-2">
            <GearTrain gearing={gearing} className="mx-auto block max-h-52 w-full" />
          </div>
        )}
        <Says lines={gearing.says} />
        {gearing.turns !== null && gearing.from !== 'nothing' && (
          <p className="text-sm text-ink-soft">
            {gearing.turns === 'with-spindle'
              ? 'Lead screw and spindle turn the same way.'
              : 'Lead screw and spindle turn opposite ways.'}
          </p>
        )}
        {underGears}
      </section>
      <section aria-label={say('Thread dial')} className="grid content-start gap-2">
        <h3 className="text-xl">{say('Thread dial')}</h3>
        {dial.marks.length > 0 && (
          <div className="grid grid-cols-[auto_1fr] items-start gap-3">
            <div className="bg-dye-deep p-1">
              <DialFace dial={dial} turned={turned} size={170} />
            </div>
            <div className="grid gap-2">
              <p className="text-lg leading-snug">
                {dial.groups.slice(0, 3).map((group, index) => (
                  <span key={group} className="block">
                    {index === 0 ? <strong className="figures font-medium">{group}</strong> : `or ${group}`}
                  </span>
                ))}
                {dial.groups.length > 3 && (
                  <span className="block text-sm">or another of {dial.groups.length} sets</span>
                )}
              </p>
              {dial.waitSeconds !== null && (
                <p className="text-sm">
                  <span className="figures font-medium">{dial.waitSeconds.toFixed(1)} s</span> from one safe
                  mark to the next, a turn in {dial.turnSeconds?.toFixed(1)} s
                </p>
              )}
              {dial.turnSeconds !== null && (
                <div className="flex flex-wrap gap-2">
                  <Button onClick={() => setTurning(!turning)}>
                    {turning ? 'Stop the dial' : 'Turn the dial'}
                  </Button>
                  <Button onClick={() => setRehearses(true)}>Rehearse</Button>
                </div>
              )}
            </div>
          </div>
        )}
        <Says lines={dial.says} />
      </section>
      <section aria-label="Speed" className="grid content-start gap-2">
        <h3 className="text-xl">Speed</h3>
        <SpeedFacts sheet={sheet} />
        {speed.cap !== null && <p className="text-sm">{say(speed.cap)}</p>}
      </section>
      <section aria-label="Travel" className="grid content-start gap-2">
        <h3 className="text-xl">Travel and zeros</h3>
        <dl className="grid gap-1 text-sm">
          {travel.map(({ what, says }) => (
            <div key={what}>
              <dt className="inline font-medium">{say(what)}: </dt>
              <dd className="inline">{say(says)}</dd>
            </div>
          ))}
        </dl>
        <p className="text-sm">{words.slack}</p>
      </section>
    </div>
  );
}
