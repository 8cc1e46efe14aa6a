export * from './bore';
export * from './bore-advice';
