export * from './check-words';
export * from './in-shop-words';
export * from './words';
export * from './material';
export * from './work-holding';
