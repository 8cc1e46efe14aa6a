/** What stands in the way of the next cut. */
export interface Block {
  /** `not-known`: a choice that a later release has added decides how the cut is made. */
  kind: 'hold' | 'wrong' | 'open-critical' | 'not-known';
  /** The step, the stop, or the sheet itself, which nobody at the lathe can mend. */
  of: 'step' | 'stop' | 'sheet';
  id: string;
  title: string;
  /** What it likely is, where that is known. */
  says?: string;
  /** Why it was sent back, where it was and nothing was done about it. */
  sentBack?: string;
}

/** What whoever works has to do or to mend before the next cut. */
export const toMend = (blocks: readonly Block[]): Block[] => blocks.filter(({ of }) => of !== 'sheet');
