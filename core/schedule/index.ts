export * from './exact-rows';
export * from './passes-on-dial';
export * from './schedule';
