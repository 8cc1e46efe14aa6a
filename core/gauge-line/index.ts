export * from './read-gauge-line';
export * from './simulate-gauge';
