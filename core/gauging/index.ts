export * from './explain-gauging';
export * from './measured-pitch-diameter';
export * from './measuring-words';
export * from './other-gauges';
export * from './three-wires';
export * from './uncertainty';
export * from './wire-on-helicoid';
export * from './wire-sets';
