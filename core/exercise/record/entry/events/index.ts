import type { EventData } from './event-data';
import { missedMark } from './missed-mark';
import { offMark } from './off-mark';
import { reversedUncleared } from './reversed-uncleared';
import { speedChanged } from './speed-changed';
import { gearingChanged } from './gearing-changed';
import { stoppedEarly } from './stopped-early';
import { stalled } from './stalled';
import { chatter } from './chatter';
import { zeroForgotten } from './zero-forgotten';
import { slackTakenUp } from './slack-taken-up';
import { fullTurn } from './full-turn';
import { dialSetBack } from './dial-set-back';
import { firstChip } from './first-chip';
import { zeroLost } from './zero-lost';
import { pickedUp } from './picked-up';
import { toolChanged } from './tool-changed';
import { tipBroke } from './tip-broke';
import { disturbed } from './disturbed';
import { takenOut } from './taken-out';
import { centreAdded } from './centre-added';
import { damageUnused } from './damage-unused';
import { gaugeWrong } from './gauge-wrong';
import { helpGiven } from './help-given';
import { slideMoved } from './slide-moved';
import { tipStoned } from './tip-stoned';
import { insertTurned } from './insert-turned';
import { somethingElse } from './something-else';
import { setUpWrong } from './set-up-wrong';
import { crestsFiled } from './crests-filed';
import { flanksWorked } from './flanks-worked';

/** Every event, in the order in which they are offered; the only place that lists them. */
export const EVENTS = [
  missedMark,
  offMark,
  reversedUncleared,
  speedChanged,
  gearingChanged,
  stoppedEarly,
  stalled,
  chatter,
  zeroForgotten,
  slackTakenUp,
  fullTurn,
  dialSetBack,
  firstChip,
  slideMoved,
  zeroLost,
  pickedUp,
  toolChanged,
  insertTurned,
  tipStoned,
  tipBroke,
  disturbed,
  takenOut,
  centreAdded,
  gaugeWrong,
  damageUnused,
  helpGiven,
  somethingElse,
  setUpWrong,
  crestsFiled,
  flanksWorked,
] as const;

export type EventId = (typeof EVENTS)[number]['id'];

export function eventData(id: string): EventData | null {
  return EVENTS.find((event) => event.id === id) ?? null;
}
