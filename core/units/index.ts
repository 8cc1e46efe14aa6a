export * from './angle';
export * from './format-length';
export * from './length';
export * from './parse-angle';
export * from './parse-length';
export * from './round';
export * from './parse-length-list';
export * from './typed-text';
