export * from './derive-plan';
export * from './evaluate-plan';
export * from './plan';
export * from './plan-defaults';
export * from './plan-form';
export * from './plan-schema';
export * from './planned-pass';
export * from './read-plan';
