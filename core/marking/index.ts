export * from './confirm-mark';
export * from './mark';
export * from './mark-line';
export * from './propose-mark';
export * from './scheme';
export * from './usual-scheme';
