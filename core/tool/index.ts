export * from './tip';
export * from './tip-limit';
