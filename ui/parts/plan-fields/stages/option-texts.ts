import type { ChoiceOption } from '@/ui/kit/choice';
import type { Clearing, ClearOrder, InfeedWay, Level, WorkEnd } from '@/core/machine/technique/choices';
import { type Drive, DRIVE_DATA } from '@/core/machine/technique/drives';
import { EVIDENCE_DATA, EVIDENCE_KINDS, type EvidenceKind } from '@/core/measuring/proof/evidence';
import type { School } from '@/core/exercise/plan/read/read-schedule';
import type { Side } from '@/core/thread/standards/thread';
import { STOPS } from '@/core/machine/stops/stops';

/** The choices of a plan as they are read at the desk; what is offered is decided by the core. */
export const END_TEXTS: Record<WorkEnd, string> = {
  groove: 'Run-out groove',
  recess: 'Recess',
  mark: 'Pulled out at a line',
  through: 'Through',
  boss: 'Boss beyond',
};

export const driveText = (drive: Drive): string =>
  drive === 'free' ? 'Left to the student' : DRIVE_DATA[drive].option;

export const driveShort = (drive: Drive): string =>
  drive === 'free' ? 'free' : DRIVE_DATA[drive].optionShort;

export const INFEED_TEXTS: Record<InfeedWay, string> = {
  compound: 'Compound at an angle',
  alternating: 'Alternating flank',
  plunge: 'Plunge by dial',
  readout: 'Readout set to diameter',
  'readout-zeroed': 'Readout zeroed at touch',
  axial: 'Plunge, compound as a fine feed',
};

export const CLEARING_TEXTS: Record<Clearing, string> = {
  'cross-slide': 'Cross slide',
  compound: 'Compound',
};

export const CLEAR_ORDER_TEXTS: Record<ClearOrder, string> = {
  'clear-first': 'Clear, then stop',
  'stop-first': 'Stop, then clear',
};

export const LEVEL_TEXTS: Record<Level, string> = {
  'each-step': 'Beginner: step by step',
  'one-page': 'Practised: one page',
};

export const SCHOOL_TEXTS: Record<School, string> = {
  'constant-area': 'Constant chip area',
  'constant-infeed': 'Constant infeed',
  'two-thirds': 'To two thirds, then smaller',
  list: 'Decreasing list',
  chart: 'Readings of a chart',
  until: 'Repeat until a check',
  own: 'Own table',
};

export const optionsOf = <V extends string>(values: readonly V[], texts: Record<V, string>): ChoiceOption[] =>
  values.map((value) => ({ value, text: texts[value] }));

/** What may prove a thread; what a plan has from earlier, and is offered no more, stays. */
export const evidenceOptions = (side: Side, chosen: EvidenceKind): ChoiceOption[] =>
  EVIDENCE_KINDS.filter((kind) => kind === chosen || EVIDENCE_DATA[kind].offered !== false).map((kind) => ({
    value: kind,
    text: EVIDENCE_DATA[kind].name(side),
  }));

export const STOP_OPTIONS: ChoiceOption[] = STOPS.map(({ id, name }) => ({ value: id, text: name }));
