/** Names of the choices that a plan makes beside those of its technique. Stored: never renamed. */
export const START_ORDERS = ['start-by-start', 'depth-by-depth'] as const;
export const TIP_KINDS = ['not-measured', 'flat', 'radius', 'sharp', 'insert'] as const;
/** To which diameter groove or recess is cut: the root that this tool leaves, or a printed one by the form of its root. */
export const RELIEFS = [
  'planned-root',
  'printed-minor',
  'root-rounded-unr',
  'root-rounded-h6',
  'root-flat-p8',
] as const;
/** Whether a speed gives way to the time that a hand needs. */
export const HAND_LIMITS = ['keeps', 'set-aside'] as const;
export type HandLimit = (typeof HAND_LIMITS)[number];
export type Relief = (typeof RELIEFS)[number];
/** Marking schemes to begin with. */
export const SCHEME_STARTS = ['usual', 'set-up-first', 'part-alone', 'competences'] as const;
export type SchemeStart = (typeof SCHEME_STARTS)[number];
export const PASS_KINDS = ['scratch', 'rough', 'finish', 'spring'] as const;
export const SCHOOLS = [
  'constant-area',
  'constant-infeed',
  'two-thirds',
  'list',
  'chart',
  'until',
  'own',
] as const;
export const STEP_GROUPS = ['before-cutting', 'after-scratch', 'mid-course', 'after-cutting'] as const;
/** Units in which a value of a step is set or measured. */
export const STEP_UNITS = ['in', 'mm', '°', 'rpm', 'TPI', 'mm pitch'] as const;
export const STEP_EVIDENCE = ['seen', 'value', 'choice', 'order', 'counted', 'sign-off'] as const;
/** Whether the value that is right stands before the student, shows after the entry, or stays hidden. */
export const EXPECTED_SHOWN = ['shown', 'after-entry', 'hidden'] as const;
export const PLACES_OF_PROOF = ['start', 'middle', 'end'] as const;
