export * from './other-gauges';
export * from './three-wires';
export * from './uncertainty';
export * from './wire-on-helicoid';
