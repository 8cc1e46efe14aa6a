export * from './nut-answer';
export * from './nut-size';
export * from './reckon-nut';
