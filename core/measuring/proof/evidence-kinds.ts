import type { Side } from '@/core/thread/standards/thread';

/** What may decide whether a thread is right (common practice; `gauge` by ASME B1.2, ISO 1502). Stored by name. */
export const EVIDENCE_KINDS = [
  'wires',
  'thread-micrometer',
  'gauge',
  'master',
  'nut',
  'mate',
  'sample',
  'crest-flat',
  'depth',
  'look',
  'register',
  'face',
  'run-out',
] as const;

/** `unknown`: of a later release, in a document that it has written. */
export type EvidenceKind = (typeof EVIDENCE_KINDS)[number] | 'unknown';

/** How an evidence enters the record. */
type RecordedAs = 'measurement' | 'trial' | 'gauge' | 'value' | 'yes-no' | 'look' | 'nothing';

export type Strength = 'strong' | 'middling' | 'weak' | 'hint';

/** One kind of evidence, as data. */
export interface EvidenceData {
  id: EvidenceKind;
  name: (side: Side) => string;
  recordedAs: RecordedAs;
  strength: Strength;
  /** What it gives, in a sentence. */
  gives: (side: Side) => string;
}

const nutOr = (side: Side) => (side === 'external' ? 'Nut' : 'Plug bolt');

/** Every kind of evidence; the only place that lists them. */
export const EVIDENCE_DATA: Record<EvidenceKind, EvidenceData> = {
  wires: {
    id: 'wires',
    name: (side) => (side === 'external' ? 'Over wires' : 'Over balls'),
    recordedAs: 'measurement',
    strength: 'strong',
    gives: () => 'The pitch diameter with its uncertainty.',
  },
  'thread-micrometer': {
    id: 'thread-micrometer',
    name: () => 'Thread micrometer',
    recordedAs: 'measurement',
    strength: 'strong',
    gives: () => 'The pitch diameter, read directly.',
  },
  gauge: {
    id: 'gauge',
    name: (side) => (side === 'external' ? 'GO and NO-GO rings' : 'GO and NO-GO plug'),
    recordedAs: 'gauge',
    strength: 'strong',
    gives: () => 'Inside the limits of the gauge, as the thread works.',
  },
  master: {
    id: 'master',
    name: () => 'The shop’s own master',
    recordedAs: 'trial',
    strength: 'middling',
    gives: () => 'Near the size of that master.',
  },
  nut: {
    id: 'nut',
    name: nutOr,
    recordedAs: 'trial',
    strength: 'weak',
    gives: (side) =>
      `A bracket for the pitch diameter; the ${side === 'external' ? 'nut' : 'bolt'} takes threads that are out of class too.`,
  },
  mate: {
    id: 'mate',
    name: () => 'The mating part',
    recordedAs: 'trial',
    strength: 'weak',
    gives: () => 'Fits this part, and says nothing of the class.',
  },
  sample: {
    id: 'sample',
    name: () => 'Like the sample',
    recordedAs: 'trial',
    strength: 'weak',
    gives: () => 'As near as the sample was made.',
  },
  'crest-flat': {
    id: 'crest-flat',
    name: () => 'Crest flat',
    recordedAs: 'value',
    strength: 'middling',
    gives: () => 'The pitch diameter whatever the tip: d2 = Dm - 1.732 (P/2 - F) for 60°.',
  },
  depth: {
    id: 'depth',
    name: () => 'Depth on the dial',
    recordedAs: 'nothing',
    strength: 'hint',
    gives: () => 'A hint, no proof: tip and zero decide with it.',
  },
  look: {
    id: 'look',
    name: () => 'Look',
    recordedAs: 'look',
    strength: 'hint',
    gives: () => 'Form, finish and burrs, as they are seen.',
  },
  register: {
    id: 'register',
    name: () => 'Register diameter',
    recordedAs: 'value',
    strength: 'strong',
    gives: () => 'The diameter that locates the part.',
  },
  face: {
    id: 'face',
    name: () => 'Seats on the face, no shake',
    recordedAs: 'yes-no',
    strength: 'middling',
    gives: () => 'The face, and not the thread, bottoms.',
  },
  'run-out': {
    id: 'run-out',
    name: () => 'Run-out, and the same after remounting',
    recordedAs: 'value',
    strength: 'strong',
    gives: () => 'How true it runs once it is screwed home.',
  },
  unknown: {
    id: 'unknown',
    name: () => 'Evidence of a later release',
    recordedAs: 'nothing',
    strength: 'hint',
    gives: () => 'Not understood until the program is updated; no mark before.',
  },
};

export const STRENGTH_WORDS: Record<Strength, string> = {
  strong: 'strong',
  middling: 'middling',
  weak: 'weak',
  hint: 'a hint, no proof',
};
