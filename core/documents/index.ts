export * from './document';
export * from './parts';
