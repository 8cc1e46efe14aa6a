export * from './all-finite';
export * from './exact';
export * from './read-json';
export * from './cut-long-lists';
export * from './exact-table';
