export * from './all-finite';
export * from './exact';
export * from './read-json';
