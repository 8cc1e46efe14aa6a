export * from './three-wires';
