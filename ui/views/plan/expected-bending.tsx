'use client';

import { useMemo } from 'react';
import { BENDING_UNCERTAINTY, compliance } from '@/core/cutting/force/bending';
import { cutSprung } from '@/core/cutting/force/spring-back';
import { expectedTaper } from '@/core/cutting/force/expected-taper';
import type { PlanBears } from '@/core/exercise/plan/bears-of-plan';
import { lengthIn, type LengthUnit } from '@/core/base/units/length';
import { useShowLength } from '@/ui/units/display-unit';

const PLACES = {
  part: { start: 'Free end', middle: 'Middle', end: 'Chuck end' },
  bar: { start: 'Bar', middle: 'Bar', end: 'Bar' },
};

/** Less than a micrometre of a part that stands off is not worth another place to measure. */
const WORTH_MEASURING_MM = 0.001;

/** What bending leaves along the thread, where to measure therefore, and what each spring pass still takes. */
export function ExpectedBending({ bears, unit }: { bears: PlanBears; unit: LengthUnit }) {
  const show = useShowLength();
  const shown = show.unitOf(unit);
  const mm = (value: number) => show.figures(lengthIn({ value, unit: 'mm' }, unit), unit);
  const found = useMemo(() => {
    const { beam, material, loadCase, poses, places } = bears;
    if (beam === null || material === null) return null;
    const taper = expectedTaper(
      loadCase.cut,
      poses,
      material,
      beam,
      places.map(({ at }) => at),
    );
    const most = Math.max(...places.map(({ at }) => compliance(beam, at)));
    const { gave } = cutSprung(loadCase.cut, poses, material, most);
    const last = bears.loads.findLastIndex(({ infeed }) => infeed > 1e-9);
    return { taper, springs: gave.slice(Math.max(0, last)) };
  }, [bears]);
  if (found === null) return null;
  const sized = found.taper.filter(({ pitchDiameter }) => pitchDiameter !== null);
  const largest = sized.reduce<(typeof sized)[number] | null>(
    (most, each) => (most === null || Math.abs(each.left) > Math.abs(most.left) ? each : most),
    null,
  );
  const name = (at: number) =>
    PLACES[bears.bends][bears.places.find((place) => place.at === at)?.name ?? 'start'];
  const percent = Math.round(100 * BENDING_UNCERTAINTY);
  return (
    <section aria-label="Bending" className="grid gap-1 border-t border-rule pt-2 text-sm">
      <h3 className="label text-ink-soft">{`Bending leaves, ± ${percent} %`}</h3>
      <table className="w-full">
        <tbody>
          {found.taper.map(({ at, pitchDiameter }) => (
            <tr key={at} className="border-t border-rule">
              <th scope="row" className="py-0.5 text-left font-normal text-ink-soft">
                {name(at)}
              </th>
              <td className="figures text-right">
                {pitchDiameter === null ? '—' : `${mm(pitchDiameter)} ${shown}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {largest !== null && largest.left > WORTH_MEASURING_MM && bears.bends === 'part' && (
        <p>{`Measure at the ${name(largest.at).toLowerCase()} too: there it gives most.`}</p>
      )}
      {found.springs.length > 1 && (
        <p>
          Stands off after the last feed <span className="figures">{mm(found.springs[0] ?? 0)}</span>, after
          spring passes <span className="figures">{found.springs.slice(1).map(mm).join(', ')}</span> {shown}.
        </p>
      )}
    </section>
  );
}
