export * from './calc';
