export * from './document';
export * from './nonsense';
export * from './visible-text';
export * from './parts';
