export * from './cut-groove';
export * from './tip-profile';
