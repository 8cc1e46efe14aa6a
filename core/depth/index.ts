export * from './depth-rules';
export * from './radial-depth';
