export * from './board';
export * from './floor';
export * from './bench-home';
