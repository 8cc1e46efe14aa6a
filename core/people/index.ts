export * from './person-name';
export * from './secret-rules';
export * from './spoken-code';
export * from './read-roster';
export * from './role';
export * from './account';
export * from './roster';
