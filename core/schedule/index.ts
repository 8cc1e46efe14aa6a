export * from './exact-rows';
export * from './pass-kind';
export * from './passes-on-dial';
export * from './school-rows';
