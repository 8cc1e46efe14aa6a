export * from './practice-sheet';
