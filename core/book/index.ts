export * from './book';
export * from './book-field';
export * from './book-table';
export * from './read-book-form';
