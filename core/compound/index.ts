export * from './compound';
