export * from './identify-thread';
