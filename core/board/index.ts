export * from './board';
export * from './floor';
