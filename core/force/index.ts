export * from './bending';
export * from './cutting-force';
export * from './expected-taper';
export * from './spindle-bears';
export * from './spring-back';
export * from './work-material';
