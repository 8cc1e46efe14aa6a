import { byId } from '@/core/base/documents/by-id';
import type { EvidenceData } from './evidence-data';
import { wiresEvidence } from './wires';
import { threadMicrometerEvidence } from './thread-micrometer';
import { gaugeEvidence } from './gauge';
import { masterEvidence } from './master';
import { nutEvidence } from './nut';
import { mateEvidence } from './mate';
import { sampleEvidence } from './sample';
import { sampleBesideEvidence } from './sample-beside';
import { crestFlatEvidence } from './crest-flat';
import { depthEvidence } from './depth';
import { lookEvidence } from './look';
import { registerEvidence } from './register';
import { faceEvidence } from './face';
import { runOutEvidence } from './run-out';
import { unknownEvidence } from './unknown';

/**
 * What may decide whether a thread is right (common practice; `gauge` by ASME B1.2, ISO 1502), in the order in which it
 * is offered; the only place that lists it.
 */
const LIST = [
  wiresEvidence,
  threadMicrometerEvidence,
  gaugeEvidence,
  masterEvidence,
  nutEvidence,
  mateEvidence,
  sampleEvidence,
  sampleBesideEvidence,
  crestFlatEvidence,
  depthEvidence,
  lookEvidence,
  registerEvidence,
  faceEvidence,
  runOutEvidence,
] as const;

type KnownEvidence = (typeof LIST)[number]['id'];
/** `unknown`: of a later release, in a document that it has written. */
export type EvidenceKind = KnownEvidence | 'unknown';

export const EVIDENCE_KINDS: readonly KnownEvidence[] = LIST.map(({ id }) => id);

export const EVIDENCE_DATA: Readonly<Record<EvidenceKind, EvidenceData>> = {
  ...byId(LIST),
  unknown: unknownEvidence,
};

/** The kind that a stored form names: a later release's is `unknown`, and a name that was never one is read as wires. */
export const evidenceKindOf = (name: string): EvidenceKind =>
  Object.hasOwn(EVIDENCE_DATA, name) ? (name as EvidenceKind) : 'wires';

/** Evidence that is tried with another piece, and answered by how it goes. */
export const isTried = (kind: EvidenceKind): boolean => EVIDENCE_DATA[kind].recordedAs === 'trial';
