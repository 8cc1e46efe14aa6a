export * from './three-wires';
export * from './wire-on-helicoid';
