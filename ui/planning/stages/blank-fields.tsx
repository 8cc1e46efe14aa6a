'use client';

import { boreAdvice, explainBoreAdvice } from '@/core/bore';
import { Figure } from '../../kit/figure';
import { useShowLength } from '../../units/display-unit';
import { PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { BoreByPercent } from './bore-by-percent';
import { plain } from './plain';
import { useUnits } from './use-units';

/** The real blank or bore, and what the tool can stop in. */
export function BlankFields() {
  const { read } = usePlanning();
  const units = useUnits();
  const internal = read.evaluation.thread?.side === 'internal';
  return (
    <>
      <WorkDiameterField />
      <PlanTextField
        field="work.end.width"
        label={internal ? 'Width of the recess' : 'Width of the run-out groove'}
        unit={units.thread}
        proposed={plain(read.defaults?.runOutWidth)}
        hint="What the tool can stop in."
      />
    </>
  );
}

/** The real blank; of an internal thread the real bore, with drill, chamfer and percent of thread. */
export function WorkDiameterField() {
  const { read } = usePlanning();
  const units = useUnits();
  const internal = read.evaluation.thread?.side === 'internal';
  return (
    <>
      <PlanTextField
        field="work.diameter"
        label={internal ? 'Real bore' : 'Real blank diameter'}
        unit={units.thread}
        proposed={plain(read.defaults?.blankDiameter)}
        hint={
          internal
            ? 'As bored, or as it will be bored, inside the minor limits.'
            : 'As turned, or as it will be turned: a little under nominal.'
        }
      />
      {internal && <BoreFigures />}
      {internal && <BoreByPercent />}
    </>
  );
}

function BoreFigures() {
  const { read } = usePlanning();
  const show = useShowLength();
  const { thread, limits, blank } = read.evaluation;
  if (thread === null || limits?.side !== 'internal' || blank === null) return null;
  const { unit } = thread;
  const { drill, leaves, chamfer, percentOfBasic, percentOfFull } = boreAdvice(thread, limits, blank);
  const whys = explainBoreAdvice(thread, limits, blank);
  return (
    <>
      <Figure
        label="Percent of the basic height"
        why={whys.percent}
        value={percentOfBasic === null ? null : `${percentOfBasic.toFixed(0)} %`}
        sub={percentOfFull === null ? undefined : `${percentOfFull.toFixed(0)} % of 0.6495 P`}
      />
      <Figure
        label="Drill first, at most"
        why={whys.drill}
        value={drill?.name ?? 'too small to bore'}
        sub={leaves === null ? undefined : `leaves ${show.text({ value: leaves, unit })} to bore`}
      />
      <Figure
        label="Chamfer the mouth to"
        why={whys.chamfer}
        value={show.figures(chamfer, unit)}
        unit={show.unitOf(unit)}
        sub="over the major diameter"
      />
    </>
  );
}
