export * from './attempt-state';
export * from './derive-attempt';
export * from './entry';
export * from './entry-form';
export * from './measured-thread';
export * from './read-entry';
