'use client';

import { ENDING_CHECKS, STOPS } from '@/core/machine/stops/stops';
import type { School } from '@/core/exercise/plan/read/read-schedule';
import { PlanChoice, PlanSelect, PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { optionsOf, SCHOOL_TEXTS } from './option-texts';
import { LimitsFields } from './limits-fields';
import { OwnRows } from './own-rows';
import { plain } from './plain';
import { StopsFields } from './stops-fields';
import { useUnits } from './use-units';

const SCHOOLS = Object.keys(SCHOOL_TEXTS) as School[];

/** The school of the schedule, what it is made of, and the stops between the cuts. */
export function PassesFields() {
  const { read } = usePlanning();
  const school = read.evaluation.school ?? read.inputs.schedule?.school ?? 'constant-area';
  return (
    <>
      <PlanSelect
        field="schedule.school"
        label="Schedule"
        proposed={school}
        options={optionsOf(SCHOOLS, SCHOOL_TEXTS)}
        note={HINTS[school]}
      />
      <SchoolFields school={school} />
      {school !== 'own' && <StopsFields />}
      <LimitsFields />
    </>
  );
}

const HINTS: Partial<Record<School, string>> = {
  'constant-area': 'Every roughing pass takes the same chip: infeeds get smaller.',
  'constant-infeed': 'The same infeed throughout.',
  chart: 'Your readings stand; it is said where they land.',
  own: 'Your table stands as it is, cuts and stops in their order.',
};

function SchoolFields({ school }: { school: School }) {
  const { read } = usePlanning();
  const { thread: unit } = useUnits();
  const { asked, rows, suggestedRoughing: suggested } = read.evaluation;
  const times = rows === null ? undefined : String(rows.filter(({ kind }) => kind !== 'scratch').length);
  if (school === 'own') return <OwnRows />;
  if (school === 'chart')
    return (
      <>
        <PlanTextField
          field="schedule.chart"
          label="Readings, cumulative"
          hint="0.030 0.045 0.055 0.065 0.069 0.069, or as spoken: 30 45 55."
        />
        <PlanChoice
          field="schedule.chartReads"
          label="They are of the"
          columns={2}
          options={[
            { value: 'diameter', text: 'diameter' },
            { value: 'radius', text: 'radius' },
          ]}
        />
      </>
    );
  const aimed = school !== 'until';
  return (
    <>
      <div className="grid grid-cols-2 gap-x-2 gap-y-3">
        <PlanTextField
          field="schedule.scratch"
          label="Scratch pass"
          unit={unit}
          proposed={plain(asked?.scratch)}
        />
        {school !== 'list' && (
          // What a dial can not keep to is said at length.
          <div className={school === 'constant-infeed' ? 'col-span-2' : undefined}>
            <PlanTextField
              field="schedule.largest"
              label={school === 'constant-area' ? 'Largest infeed' : 'Infeed'}
              unit={unit}
              proposed={plain(asked?.largest)}
            />
          </div>
        )}
        {(school === 'two-thirds' || school === 'until') && (
          <PlanTextField
            field="schedule.second"
            label={school === 'until' ? 'near size' : 'then'}
            unit={unit}
            proposed={plain(asked?.second)}
          />
        )}
      </div>
      {school === 'list' && (
        <PlanTextField
          field="schedule.list"
          label="Infeeds"
          hint="0.008 0.008 0.007 0.006 0.005, or as spoken: 8 8 7 6 5; the last one goes on."
        />
      )}
      {school === 'constant-area' && (
        <PlanTextField
          field="schedule.roughing"
          label="Roughing passes"
          proposed={suggested === null ? undefined : String(suggested)}
          hint={
            suggested === null ? undefined : `${suggested} is the fewest that keeps to the largest infeed.`
          }
        />
      )}
      {school === 'until' && (
        <div className="grid grid-cols-2 items-start gap-2">
          <PlanSelect
            field="schedule.until"
            label="until"
            proposed="nut"
            options={STOPS.filter(({ id }) => ENDING_CHECKS.includes(id)).map(({ id, name }) => ({
              value: id,
              text: name,
            }))}
          />
          <PlanTextField field="schedule.atMost" label="at most" unit="times" proposed={times} />
        </div>
      )}
      {aimed && (
        <>
          <div className="grid grid-cols-2 gap-x-2 gap-y-3">
            <PlanTextField
              field="schedule.finishing"
              label="Finishing passes"
              proposed={asked?.finishing == null ? undefined : String(asked.finishing)}
            />
            <PlanTextField
              field="schedule.finishingInfeed"
              label="of"
              unit={unit}
              proposed={plain(asked?.finishingInfeed)}
            />
          </div>
          <PlanTextField
            field="schedule.spring"
            label="Spring passes"
            proposed={asked?.spring == null ? undefined : String(asked.spring)}
            hint="At no infeed, until no more chip comes."
          />
        </>
      )}
    </>
  );
}
