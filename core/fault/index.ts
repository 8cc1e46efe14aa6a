export * from './cut-setup';
export * from './evidence-of';
export * from './faults';
export * from './nut-over';
export * from './puzzle';
