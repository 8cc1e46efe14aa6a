'use client';

import { Message } from '../../kit/message';
import { PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { plain } from './plain';
import { useUnits } from './use-units';

/** What the schedule of passes is made of. */
export function PassesFields() {
  const { read } = usePlanning();
  const { dial } = useUnits();
  const defaults = read.dialDefaults;
  const infeed = read.evaluation.largestInfeed ?? defaults.largestInfeed;
  const raised = read.inputs.largestInfeed === 'proposed' && infeed.value > defaults.largestInfeed.value;
  const suggested = read.evaluation.suggestedRoughing;
  return (
    <>
      <div className="grid grid-cols-2 gap-x-2 gap-y-3">
        <PlanTextField
          field="scratchInfeed"
          label="Scratch pass"
          unit={dial}
          proposed={plain(defaults.scratchInfeed)}
        />
        <PlanTextField field="largestInfeed" label="Largest infeed" unit={dial} proposed={plain(infeed)} />
      </div>
      {raised && (
        <Message tone="note">
          {`A keen tip takes a narrow chip: as much as the usual flat at ${plain(defaults.largestInfeed)} ${dial}.`}
        </Message>
      )}
      <PlanTextField
        field="roughingPasses"
        label="Roughing passes"
        proposed={suggested === null ? undefined : String(suggested)}
        hint={suggested === null ? undefined : `${suggested} is the fewest that keeps to the largest infeed.`}
      />
      <div className="grid grid-cols-2 gap-x-2 gap-y-3">
        <PlanTextField field="finishingPasses" label="Finishing passes" />
        <PlanTextField
          field="finishingInfeed"
          label="of"
          unit={dial}
          proposed={plain(defaults.finishingInfeed)}
        />
      </div>
      <PlanTextField
        field="springPasses"
        label="Spring passes"
        hint="At no infeed, until no more chip comes."
      />
    </>
  );
}
