export * from './dial-reading';
export * from './schedule';
