export * from './part-shape';
