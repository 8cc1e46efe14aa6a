export * from './asks';
export * from './question';
export * from './judge-answer';
export * from './figure-questions';
export * from './safety-choices';
export * from './step-order';
