export * from './setup-step';
export * from './setup-steps';
export * from './show-value';
