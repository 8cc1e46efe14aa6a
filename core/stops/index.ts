export * from './stops';
export * from './stop-steps';
