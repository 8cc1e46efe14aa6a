export * from './confirm-mark';
export * from './mark-line';
export * from './propose-mark';
