'use client';

import { LIMIT_IDS, LIMIT_WORDS } from '@/core/cutting/bears/limits';
import type { PassLoad } from '@/core/cutting/bears/pass-loads';
import { FORCE_UNCERTAINTY } from '@/core/cutting/force/cutting-force';
import type { PlanBears } from '@/core/exercise/plan/bears-of-plan';
import { formatArea } from '@/core/base/units/format-length';
import { lengthIn, type LengthUnit } from '@/core/base/units/length';
import { Figure } from '@/ui/kit/figure';
import { useShowLength } from '@/ui/units/display-unit';

/** What the pass shown asks of tool, lathe and part, and which limit it uses up most. */
export function ScheduleLoads({ bears, load, unit }: { bears: PlanBears; load: PassLoad; unit: LengthUnit }) {
  const show = useShowLength();
  const shown = show.unitOf(unit);
  const area = load.area * lengthIn({ value: 1, unit: 'mm' }, shown) ** 2;
  const mm = (value: number) => show.figures(lengthIn({ value, unit: 'mm' }, unit), unit);
  const share = (of: number) => (load.area > 0 ? `${Math.round((100 * of) / load.area)} %` : '—');
  const { fed, tip, other } = load.bites;
  const percent = Math.round(100 * FORCE_UNCERTAINTY);
  return (
    <div className="grid grid-cols-4 gap-x-3 gap-y-1 border-t border-rule px-2 pt-1.5 tablet:grid-cols-2">
      <Figure label="Chip" value={formatArea(area, shown)} unit={`${shown}²`} />
      <Figure label="Its thickness" value={mm(fed.thickness)} unit={shown} />
      <Figure
        label={`Force, ± ${percent} %`}
        value={load.force === null ? null : roughly(load.force.cutting)}
        unit="N"
      />
      <Figure
        label={bears.bends === 'bar' ? 'The bar gives' : 'The part gives'}
        value={load.bend === null ? null : mm(load.bend)}
        unit={shown}
      />
      <p className="figures col-span-full text-sm text-ink-soft">
        {[
          load.area > 0 &&
            `fed flank ${share(fed.area)}, tip ${share(tip.area)}, other flank ${share(other.area)}`,
          `${mm(tip.thickness)} before the tip`,
          load.torque !== null &&
            load.power !== null &&
            `${torqueWords(load.torque, bears)}, ${powerWords(load.power, bears)}`,
          bears.material?.name,
          missing(bears),
        ]
          .filter((words) => typeof words === 'string')
          .join(' · ')}
      </p>
      <div className="col-span-full flex flex-wrap items-center gap-x-4 gap-y-0.5 text-sm">
        <span className="label text-ink-soft">Of its limit</span>
        {LIMIT_IDS.map((id) => (
          <Use key={id} name={LIMIT_WORDS[id]} share={load.uses[id]} binds={load.binds === id} />
        ))}
      </div>
    </div>
  );
}

function torqueWords(torque: number, { spindle, rpm }: PlanBears): string {
  const asked = `torque ${roughly(torque)}`;
  return spindle.torque === null
    ? `${asked} N m (the lathe’s is not known)`
    : `${asked} of ${roughly(spindle.torque)} N m at ${Math.round(rpm)} rpm`;
}

function powerWords(power: number, { spindle }: PlanBears): string {
  return spindle.power === null ? `${roughly(power)} W` : `${roughly(power)} of ${roughly(spindle.power)} W`;
}

/** What has to be said before force and bending can be figured. */
function missing({ material, beam, bends }: PlanBears): string | null {
  if (material === null) return 'For force and bending name the material of the work.';
  if (beam !== null) return null;
  return bends === 'bar'
    ? 'For bending say the bar’s diameter and reach.'
    : 'For bending say how far the part stands out.';
}

function Use({ name, share, binds }: { name: string; share: number | null; binds: boolean }) {
  if (share === null) return null;
  const over = share > 1 + 1e-9;
  return (
    <span className={over ? 'font-medium text-nogo' : binds ? 'font-medium text-brass' : 'text-ink-soft'}>
      {name} <span className="figures">{share > 9.99 ? '> 999' : Math.round(100 * share)} %</span>
      {over ? ' — too much' : binds ? ' — binds' : ''}
    </span>
  );
}

/** Two figures: more would promise what an estimate does not hold. */
export function roughly(value: number): string {
  return String(Number(value.toPrecision(2)));
}
