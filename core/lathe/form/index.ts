export * from './lathe-form';
export * from './lathe-form-of';
export * from './read-lathe-form';
export * from './lathe-rows';
