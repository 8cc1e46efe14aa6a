export * from './compound';
export * from './parse-compound-angle';
