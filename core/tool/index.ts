export * from './insert-pitch';
export * from './tip';
export * from './tip-limit';
export * from './tool-document';
