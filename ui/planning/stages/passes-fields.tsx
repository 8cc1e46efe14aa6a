'use client';

import { Message } from '../../kit/message';
import { PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { plain } from './plain';
import { useUnits } from './use-units';

/** What the schedule of passes is made of. */
export function PassesFields() {
  const { read } = usePlanning();
  const { thread: unit } = useUnits();
  const defaults = read.infeedDefaults;
  const infeed = read.evaluation.largestInfeed ?? defaults.largestInfeed;
  const raised = read.inputs.largestInfeed === 'proposed' && infeed.value > defaults.largestInfeed.value;
  const suggested = read.evaluation.suggestedRoughing;
  return (
    <>
      <div className="grid grid-cols-2 gap-x-2 gap-y-3">
        <PlanTextField
          field="schedule.scratch"
          label="Scratch pass"
          unit={unit}
          proposed={plain(defaults.scratchInfeed)}
        />
        <PlanTextField field="schedule.largest" label="Largest infeed" unit={unit} proposed={plain(infeed)} />
      </div>
      {raised && (
        <Message tone="note">
          {`A keen tip takes a narrow chip: as much as the usual flat at ${plain(defaults.largestInfeed)} ${unit}.`}
        </Message>
      )}
      <PlanTextField
        field="schedule.roughing"
        label="Roughing passes"
        proposed={suggested === null ? undefined : String(suggested)}
        hint={suggested === null ? undefined : `${suggested} is the fewest that keeps to the largest infeed.`}
      />
      <div className="grid grid-cols-2 gap-x-2 gap-y-3">
        <PlanTextField field="schedule.finishing" label="Finishing passes" />
        <PlanTextField
          field="schedule.finishingInfeed"
          label="of"
          unit={unit}
          proposed={plain(defaults.finishingInfeed)}
        />
      </div>
      <PlanTextField
        field="schedule.spring"
        label="Spring passes"
        hint="At no infeed, until no more chip comes."
      />
    </>
  );
}
