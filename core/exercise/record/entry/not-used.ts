/** Said of a compound that stood where it was, while the cross slide fed straight in. */
export const NOT_USED = 'not used, fed straight in';

/** It was not used: its angle tells nothing of a cut, and it stands in no cut's way. */
export const wasNotUsed = ({ how, said }: { how: string; said: string }): boolean =>
  how === 'not-done' && said === NOT_USED;
