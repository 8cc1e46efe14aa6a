export interface RibbonPass {
  n: number;
  kind: 'scratch' | 'rough' | 'finish' | 'spring';
  infeed: number;
  chip: number;
  reading: string;
  /** What is checked or worked after it. */
  stop?: string | undefined;
}
