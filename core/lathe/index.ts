export * from './dial-count';
export * from './dial-reading';
export * from './dial-text';
export * from './lathe';
export * from './lathe-form';
export * from './usual-lathe';
export * from './feed-dial';
export * from './shown-reading';
