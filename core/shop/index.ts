export * from './check-words';
export * from './in-shop-words';
export * from './words';
