export * from './thread-table';
