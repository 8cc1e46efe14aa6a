export * from './fewest-passes';
export * from './limits';
export * from './pass-loads';
export * from './pass-time';
