import type { ReactNode } from 'react';
import { highestSpeed } from '@/core/exercise/record/state/step-progress';
import { isHeldBack, TO_BE_FOUND } from '@/core/exercise/sheet/held-back';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { useSay } from '@/ui/kit/shop-words';
import { useShowLength } from '@/ui/units/display-unit';

/** Levers to set in the machine's own names, as a small table. */
export function LeverTable({ gearing }: { gearing: Sheet['gearing'] }) {
  if (gearing.levers.length === 0) return null;
  return (
    <table className="border-collapse">
      <caption className="sr-only">Levers to set</caption>
      <tbody>
        {gearing.levers.map(({ lever, position }) => (
          <tr key={lever} className="border-b border-rule">
            <th scope="row" className="py-1 pr-4 text-left font-normal text-ink-soft">
              {lever}
            </th>
            <td className="figures py-1 text-xl font-medium">{position}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What is said of a part of the machine, line by line. */
export function Says({ lines }: { lines: readonly string[] }) {
  const say = useSay();
  return (
    <ul className="grid gap-1 text-sm">
      {lines.map((line) => (
        <li key={line}>{say(line)}</li>
      ))}
    </ul>
  );
}

/** The speed of this lathe, how it is set, and what it leaves to the hand. */
export function SpeedFacts({ sheet }: { sheet: Sheet }) {
  const show = useShowLength();
  const { speed, thread } = sheet;
  const { unit } = thread;
  const fastest = highestSpeed(sheet);
  const perMinute = (length: number) =>
    unit === 'mm' ? `${(length / 1000).toFixed(1)} m/min` : `${(length / 12).toFixed(0)} ft/min`;
  if (isHeldBack(sheet, 'speed')) return <p>The speed is {TO_BE_FOUND}.</p>;
  const facts: [string, ReactNode][] = [
    [
      'Spindle',
      `${speed.marked ?? Number(speed.rpm.toFixed(1))} rpm${speed.marked === null ? '' : `, really ${speed.rpm}`}`,
    ],
    ...(speed.set === '' ? [] : [['Set by', speed.set] as [string, ReactNode]]),
    ['Carriage', `${show.figures(speed.carriagePerMinute / 60, unit)} ${show.unitOf(unit)}/s`],
    [
      'Surface',
      `${perMinute(speed.surfacePerMinute)}${speed.surfaceUsual === null ? '' : `, usual up to ${perMinute(speed.surfaceUsual)}`}`,
    ],
    [
      'Left to the hand',
      speed.timeInRunOut === null
        ? 'no limit here'
        : `${Math.max(0, speed.timeInRunOut).toFixed(2)} s of ${speed.reactionSeconds} s`,
    ],
    ...(speed.turnsLeft === null ? [] : [['Turns left', speed.turnsLeft.toFixed(1)] as [string, ReactNode]]),
    ...(fastest === null
      ? []
      : [
          ['Fastest here', `${Math.floor(fastest)} rpm leaves ${speed.reactionSeconds} s`] as [
            string,
            ReactNode,
          ],
        ]),
    ...(speed.leastRunOut === null
      ? []
      : [
          ['Least run-out', `${show.figures(speed.leastRunOut, unit)} ${show.unitOf(unit)}`] as [
            string,
            ReactNode,
          ],
        ]),
  ];
  return (
    <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-4 gap-y-1">
      {facts.map(([name, value]) => (
        <div key={name} className="contents">
          <dt className="text-sm text-ink-soft">{name}</dt>
          <dd className="figures">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
