/** What the choices of a lathe's form are called. */
export const INCH_MM = [
  { value: 'in', text: 'Inch' },
  { value: 'mm', text: 'mm' },
];
export const READS = [
  { value: 'travel', text: 'its own travel' },
  { value: 'diameter', text: 'the diameter' },
];
export const COUNTS = [
  { value: 'up', text: 'up' },
  { value: 'down', text: 'down' },
];
export const YES_NO = [
  { value: '', text: 'not known' },
  { value: 'yes', text: 'yes' },
  { value: 'no', text: 'no' },
];
