export * from './setup-steps';
export * from './sheet';
export * from './sheet-for';
export * from './sheet-geometry';
export * from './sheet-step';
export * from './show-value';
