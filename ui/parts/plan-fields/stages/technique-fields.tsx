'use client';

import {
  CLEARINGS,
  CLEAR_ORDERS,
  feedsByCompound,
  LEVELS,
  ZERO_WAYS,
} from '@/core/machine/technique/choices';
import { DRIVES, DRIVE_DATA, catchesMarks } from '@/core/machine/technique/drives';
import { frameOfWay } from '@/core/machine/technique/cut-way';
import { ZERO_TEXTS } from '@/core/machine/technique/zero-texts';
import { REACTION_SECONDS_BY_LEVEL } from '@/core/machine/technique/speed-limit';
import { USUAL_SPEED_RPM } from '@/core/exercise/plan/plan-defaults';
import { Figure } from '@/ui/kit/figure';
import { PlanFold } from '../plan-fold';
import { Message } from '@/ui/kit/message';
import { PlanChoice, PlanSelect, PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { usePlanWhys } from '../use-plan-whys';
import { CLEARING_TEXTS, CLEAR_ORDER_TEXTS, driveText, LEVEL_TEXTS, optionsOf } from './option-texts';

const MORE = [
  'technique.clearing',
  'technique.zeroBy',
  'technique.endSeenBy',
  'technique.level',
  'technique.reaction',
] as const;

/** How the carriage is driven, which way it is cut, and the speed with what limits it. */
export function TechniqueFields() {
  const { read } = usePlanning();
  const whys = usePlanWhys();
  const { timeInRunOut, speedLimit, maxRpm, thread } = read.evaluation;
  const { chosen } = read.inputs;
  const drive = chosen?.way.drive;
  const internal = thread?.side === 'internal';
  const usual = thread?.hand === 'left' ? 'away-from-headstock' : 'toward-headstock';
  return (
    <>
      <PlanSelect
        field="technique.drive"
        label="Between two cuts"
        options={DRIVES.map((value) => ({ value, text: driveText(value) }))}
      />
      {drive !== undefined && drive !== 'free' && DRIVE_DATA[drive].choosesClearOrder && (
        <PlanChoice
          field="technique.clearOrder"
          label="At the end"
          columns={2}
          options={optionsOf(CLEAR_ORDERS, CLEAR_ORDER_TEXTS)}
        />
      )}
      {(catchesMarks(drive) || drive === 'free') && (
        <PlanChoice
          field="technique.markRule"
          label="Mark of the thread dial"
          columns={2}
          options={[
            { value: 'any-safe', text: 'Any safe one' },
            { value: 'same', text: 'Always the first' },
          ]}
        />
      )}
      <PlanChoice
        field="technique.direction"
        label="Cut"
        stacked
        proposed={usual}
        options={[
          { value: 'toward-headstock', text: 'Toward the headstock' },
          {
            value: 'away-from-headstock',
            text: internal ? 'Away, out of the recess' : 'Away, out of the groove',
          },
        ]}
      />
      <PlanChoice
        field="technique.side"
        label="Tool"
        columns={2}
        options={[
          { value: 'front', text: internal ? 'Near side' : 'Front' },
          { value: 'back', text: internal ? 'Far side' : 'Rear' },
        ]}
        note={chosen === undefined ? undefined : toolWords(chosen.way)}
      />
      <PlanTextField
        field="technique.speed"
        label="Spindle speed"
        unit="rpm"
        proposed={String(USUAL_SPEED_RPM)}
        hint="Beginners 60 to 120. Obey the machine’s placards."
      />
      {read.evaluation.issues.some(({ code }) => code === 'little-time') && (
        <PlanChoice
          field="technique.handLimit"
          label="Where the hand has too little time"
          stacked
          proposed={chosen?.handLimit}
          options={[
            { value: 'keeps', text: 'A lathe goes slower' },
            { value: 'set-aside', text: 'As planned: I set this limit aside' },
          ]}
          note="Placards, chuck, lead screw and what the lathe has bind all the same."
        />
      )}
      {timeInRunOut !== null && (
        <Figure
          label="Time left to the hand"
          value={Math.max(0, timeInRunOut).toFixed(1)}
          unit="s"
          sub={maxRpm === null ? undefined : `at most ${Math.floor(maxRpm)} rpm`}
          why={whys.timeInRunOut}
        />
      )}
      {speedLimit !== null && timeInRunOut === null && (
        <Message tone="note">{NO_LIMIT[speedLimit.endsBy] ?? 'Nothing limits the speed here.'}</Message>
      )}
      <PlanFold
        title="More"
        holds={MORE}
        result={
          chosen === undefined
            ? undefined
            : `cleared by the ${CLEARING_TEXTS[chosen.way.clearing].toLowerCase()}`
        }
      >
        {chosen !== undefined && feedsByCompound(chosen.way.infeed) && (
          <PlanChoice
            field="technique.clearing"
            label="Cleared by"
            columns={2}
            options={optionsOf(CLEARINGS, CLEARING_TEXTS)}
          />
        )}
        <PlanSelect
          field="technique.zeroBy"
          label="Zero taken"
          options={[{ value: '', text: 'On dye, or as recorded' }, ...optionsOf(ZERO_WAYS, ZERO_TEXTS)]}
        />
        <PlanSelect
          field="technique.endSeenBy"
          label="The end is seen by"
          options={[
            { value: '', text: 'Not said' },
            { value: 'eye', text: 'Eye' },
            { value: 'indicator', text: 'Carriage indicator' },
            { value: 'mark', text: 'Line on the bar' },
            { value: 'readout', text: 'Readout' },
            { value: 'ear', text: 'Ear, in a bore' },
          ]}
        />
        <PlanChoice field="technique.level" label="For" stacked options={optionsOf(LEVELS, LEVEL_TEXTS)} />
        <PlanTextField
          field="technique.reaction"
          label="Own reaction time"
          unit="s"
          proposed={String(REACTION_SECONDS_BY_LEVEL[chosen?.level ?? 'each-step'])}
        />
      </PlanFold>
    </>
  );
}

const NO_LIMIT: Partial<Record<string, string>> = {
  trip: 'The trip lets go by itself: its scatter counts, not the hand.',
  'way-left': 'No shoulder limits it. Give the room to the centre under the part, where there is one.',
};

function toolWords(way: Parameters<typeof frameOfWay>[0]): string {
  const { toolInverted, spindleReversed } = frameOfWay(way);
  return `${toolInverted ? 'Upside down' : 'Right way up'}; the spindle runs ${spindleReversed ? 'backward' : 'forward'}.`;
}
