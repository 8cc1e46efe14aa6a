/** How somebody signs in: instructors and helpers with a password, students at the bench with a PIN. */
export type SecretKind = 'password' | 'pin';

/** A session of a person, as it is listed. Times in ISO 8601. */
export interface OwnSession {
  id: number;
  /** Browser and system. */
  usedOn: string;
  openedAt: string;
  seenAt: string;
  /** The one that asks. */
  current: boolean;
}

/** What a person sees of the own account. */
export interface AccountView {
  signInName: string | null;
  /** A student's PIN is reset by the instructor; null without either. */
  kind: SecretKind | null;
  sessions: OwnSession[];
  /** Benches that may send what the viewer records there. */
  benches: OwnGrant[];
  secondFactor: boolean;
  /** Whether the shop demands a second factor of the viewer. */
  demanded: boolean;
  idleMinutes: number;
  /** Wrong tries at the own secret from browsers that are not the own; null: none to speak of. */
  tries: { count: number; since: string } | null;
}

/** Somebody of the demo shop whose password or PIN is still the demo's. */
export interface DemoAccount {
  id: number;
  name: string;
  role: 'instructor' | 'helper' | 'student';
  signInName: string | null;
  classCode: string;
}

/** The students of a class, by its code: who can sit down at a bench and sign in. */
export interface BenchClass {
  classId: number;
  className: string;
  students: BenchStudent[];
}

export interface BenchStudent {
  id: number;
  name: string;
  hasPin: boolean;
}

/** A bench that may send what its student records there, for some days. */
export interface OwnGrant {
  id: number;
  /** Which browser on which system; empty for one of an earlier release. */
  usedOn: string;
  grantedAt: string;
  /** When it sent last; null when it never has. */
  sentAt: string | null;
  until: string;
}
