'use client';

import { Figure } from '@/ui/kit/figure';
import { Message } from '@/ui/kit/message';
import { useShowLength } from '@/ui/units/display-unit';
import { PlanChoice, PlanTextField } from '../plan-field';
import { leavesOfTool, toolSays } from '@/core/exercise/plan/plan-book';
import { insertRadius } from '@/core/exercise/plan/read/read-tip';
import type { ReadPlan } from '@/core/exercise/plan/read/read-plan';
import { usePlanning } from '../planning-context';
import { BookSelect } from './book-select';
import { usePlanWhys } from '../use-plan-whys';
import { plain } from './plain';
import { useUnits } from './use-units';

/** What an empty radius takes; of an insert that of its finest pitch. */
function proposedRadius({ inputs: { tip }, defaults, evaluation: { thread } }: ReadPlan) {
  if (defaults === null || thread === null || tip?.kind !== 'insert') return defaults?.tipRadius;
  return insertRadius(tip.pitchFrom, thread.unit, defaults);
}

/** The tip of the tool, with what the thread allows, and the side clearance that the helix asks. */
export function ToolFields() {
  const { values, read, book } = usePlanning();
  const units = useUnits();
  const whys = usePlanWhys();
  const show = useShowLength();
  const { tipLimit, sideClearance } = read.evaluation;
  const tipKind = values.tool.tip.kind;
  const internal = read.evaluation.thread?.side === 'internal';
  // A bar cuts inside, another tool outside.
  const tools = book.tools.filter(({ document }) => document.kind.startsWith('bar') === internal);
  return (
    <>
      <BookSelect
        field="tool.record"
        label="Tool of the shop’s book"
        records={tools}
        leavesOf={leavesOfTool}
        says={toolSays}
      />
      <PlanChoice
        field="tool.tip.kind"
        label="Tip of the tool"
        columns={2}
        options={[
          { value: 'flat', text: 'Flat' },
          { value: 'radius', text: 'Radius' },
          { value: 'sharp', text: 'Sharp' },
          { value: 'insert', text: 'Insert' },
          { value: 'not-measured', text: 'Not measured' },
        ]}
      />
      {tipKind === 'flat' && (
        <PlanTextField
          field="tool.tip.flat"
          label="Flat at the tip"
          unit={units.thread}
          proposed={plain(read.defaults?.tipFlat)}
        />
      )}
      {(tipKind === 'radius' || tipKind === 'insert') && (
        <PlanTextField
          field="tool.tip.radius"
          label={tipKind === 'insert' ? 'Radius of the insert' : 'Radius at the tip'}
          unit={units.thread}
          proposed={plain(proposedRadius(read))}
        />
      )}
      {tipKind === 'insert' && (
        <div className="grid grid-cols-2 items-start gap-2">
          <PlanTextField
            field="tool.tip.pitchFrom"
            label="Finest pitch"
            hint="As on the box: 0.0625, 1.5 mm, 16 TPI, 28-8 TPI."
            proposed={plain(read.defaults?.insertPitch)}
          />
          <PlanTextField
            field="tool.tip.pitchTo"
            label="Coarsest pitch"
            proposed={plain(read.defaults?.insertPitch)}
          />
          <p className="col-span-2 text-sm text-ink-soft">
            A full-profile insert is made for one pitch and cuts the crest too. A partial-profile one has the
            radius of its finest pitch, so it must go deeper on a coarse one.
          </p>
        </div>
      )}
      {tipKind === 'sharp' && (
        <Message tone="note">
          A sharp tip must go deeper for the same pitch diameter, and breaks sooner.
        </Message>
      )}
      {tipLimit !== null && tipKind !== 'sharp' && tipKind !== 'not-measured' && (
        <Figure
          label="At most"
          value={show.figures(tipKind === 'flat' ? tipLimit.flat : tipLimit.radius, units.thread)}
          unit={show.unitOf(units.thread)}
          why={whys.tipLimit}
        />
      )}
      {internal && (
        <div className="grid grid-cols-2 gap-x-2 gap-y-3">
          <PlanTextField field="tool.bar.diameter" label="Bar, diameter" unit={units.thread} />
          <PlanTextField field="tool.bar.reach" label="reach" unit={units.thread} />
        </div>
      )}
      {sideClearance !== null && (
        <Figure
          label="Side clearance, leading"
          value={`${sideClearance.leading.toFixed(1)}°`}
          sub={`trailing ${sideClearance.trailing.toFixed(1).replace('-', '−')}°`}
          why={whys.sideClearance}
        />
      )}
    </>
  );
}
