import 'server-only';

/**
 * Why something was not done. The one shape of every refusal of the data layer; how it is told over HTTP is not its concern.
 * `later`: no refusal but “not yet”; sending the same again is right.
 */
export interface Refusal {
  kind: 'not-found' | 'forbidden' | 'conflict' | 'invalid' | 'too-often' | 'later';
  /** Stable, for programs: `refused` unless a page does something particular about it. */
  code: string;
  message: string;
  fields: { field: string; message: string }[];
  /** What a page needs to go on, such as the version that stands. */
  more?: Readonly<Record<string, unknown>>;
}

/** An expected end of an action: done, or refused. */
export type Outcome<T> = { done: T } | { refused: Refusal };

/** Thrown inside an action only, so that its transaction is rolled back; `outcomeOf` turns it into the outcome. */
class Refused extends Error {
  constructor(readonly refusal: Refusal) {
    super(refusal.message);
  }
}

export function refuse(
  kind: Refusal['kind'],
  message: string,
  field: string | null = null,
  code = 'refused',
  more?: Refusal['more'],
): never {
  const fields = field === null ? [] : [{ field, message }];
  throw new Refused({ kind, code, message, fields, ...(more === undefined ? {} : { more }) });
}

export const notFound = (what: string): never => refuse('not-found', `There is no such ${what}.`);
export const forbidden = (message: string): never => refuse('forbidden', message);
export const conflict = (message: string, field: string | null = null): never =>
  refuse('conflict', message, field);

export function refuseFields(fields: readonly { field: string; message: string }[]): never {
  throw new Refused({
    kind: 'invalid',
    code: 'invalid',
    message: fields[0]?.message ?? 'Something is not right.',
    fields: fields.map(({ field, message }) => ({ field, message })),
  });
}

/** Runs an action; what it refuses is its outcome, anything else stays an error. */
export async function outcomeOf<T>(run: () => Promise<T>): Promise<Outcome<T>> {
  try {
    return { done: await run() };
  } catch (error) {
    if (error instanceof Refused) return { refused: error.refusal };
    throw error;
  }
}

/** The value of another action's outcome. If that action was refused, this one is refused in the same way. */
export function passOn<T>(outcome: Outcome<T>): T {
  if ('done' in outcome) return outcome.done;
  throw new Refused(outcome.refused);
}
