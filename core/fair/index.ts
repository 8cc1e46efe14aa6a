export * from './fair-case';
export * from './fairness';
export * from './one-try';
export * from './random';
