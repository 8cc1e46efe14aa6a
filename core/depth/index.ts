export * from './radial-depth';
