import type { OwnGrant, SecretKind } from './account';
import type { Role } from './role';

/** Somebody in a class. */
export interface Member {
  id: number;
  name: string;
  role: Role;
  archived: boolean;
  /** How the person signs in; null before the first password or PIN is chosen. */
  secret: SecretKind | null;
  /** Until when a slip that was given may be used (ISO 8601); null without one. */
  slipUntil: string | null;
  /** Benches that may send what this student records there. */
  benches: OwnGrant[];
  /** Wrong tries at this person's PIN or password by strangers; null: none to speak of. */
  tries: { count: number; since: string } | null;
}

/** A class with everybody in it, for those who teach it. */
export interface RosterView {
  classId: number;
  className: string;
  code: string;
  archived: boolean;
  /** The viewer, who may not archive herself here. */
  viewerId: number;
  members: Member[];
  /** People of the viewer's other classes. */
  elsewhere: { id: number; name: string }[];
  /** All classes that the viewer teaches. */
  classes: { id: number; name: string; archived: boolean }[];
}

/** A slip to hand to somebody: with it the first PIN or password is chosen. */
export interface Slip {
  personId: number;
  name: string;
  role: Role;
  code: string;
}
