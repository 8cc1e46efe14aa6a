import { eventKind, type EventContent } from './event';
import { findingKind, type FindingContent } from './finding';
import { handKind, type HandContent } from './hand';
import { handInKind, type HandInContent } from './hand-in';
import { latheKind, type LatheContent } from './lathe';
import { leadKind, type LeadContent } from './lead';
import { lookKind, type LookContent } from './look';
import { lookedOverKind, type LookedOverContent } from './looked-over';
import { measurementKind, type MeasurementContent } from './measurement';
import { noteKind, type NoteContent } from './note';
import { passKind, type PassContent } from './pass';
import { refigureKind, type RefigureContent } from './refigure';
import { sentBackKind, type SentBackContent } from './sent-back';
import { signOffKind, type SignOffContent } from './sign-off';
import { stepKind, type StepContent } from './step';
import { stopKind, type StopContent } from './stop';
import { strikeKind, type StrikeContent } from './strike';
import { trialKind, type TrialContent } from './trial';
import { worksheetKind, type WorksheetContent } from './worksheet';

/** What was recorded. Lengths are in the thread's unit; dial readings in the dial's. */
export type EntryContent =
  | StepContent
  | SignOffContent
  | PassContent
  | MeasurementContent
  | NoteContent
  | StrikeContent
  | HandInContent
  | LatheContent
  | LookContent
  | RefigureContent
  | TrialContent
  | FindingContent
  | StopContent
  | EventContent
  | SentBackContent
  | HandContent
  | LeadContent
  | LookedOverContent
  | WorksheetContent;

/** Every kind of entry that this release knows; the only place that lists them. */
export const ENTRY_KINDS = {
  step: stepKind,
  'sign-off': signOffKind,
  pass: passKind,
  measurement: measurementKind,
  note: noteKind,
  strike: strikeKind,
  'hand-in': handInKind,
  lathe: latheKind,
  look: lookKind,
  refigure: refigureKind,
  trial: trialKind,
  finding: findingKind,
  stop: stopKind,
  event: eventKind,
  'sent-back': sentBackKind,
  hand: handKind,
  lead: leadKind,
  'looked-over': lookedOverKind,
  worksheet: worksheetKind,
} as const;

export type KnownKind = keyof typeof ENTRY_KINDS;
