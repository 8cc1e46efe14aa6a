export * from './crest-flat';
export * from './evidence-kinds';
export * from './nut-strength';
