export * from './advance';
export * from './gear-layout';
export * from './lead-of-thread';
export * from './train';
export * from './mounting';
export * from './find-trains';
export * from './read-stock';
