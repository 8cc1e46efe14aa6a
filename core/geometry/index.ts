export * from './frame';
export * from './piece';
export * from './pose';
export * from './profile';
