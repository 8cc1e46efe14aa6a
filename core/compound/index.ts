export * from './compound';
export * from './parse-compound-angle';
export * from './wrong-axis';
