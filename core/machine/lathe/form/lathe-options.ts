/** What the choices of a lathe's form are called. */
export const NOT_KNOWN = { value: '', text: 'not known' } as const;
export const INCH_MM = [
  { value: 'in', text: 'Inch' },
  { value: 'mm', text: 'mm' },
] as const;
export const READS = [
  { value: 'travel', text: 'its own travel' },
  { value: 'diameter', text: 'the diameter' },
] as const;
export const COUNTS = [
  { value: 'up', text: 'up' },
  { value: 'down', text: 'down' },
] as const;
