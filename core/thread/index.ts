export * from './coating';
export * from './limits';
export * from './parse-designation';
export * from './print-designation';
export * from './suggest';
export * from './thread';
export * from './thread-form';
