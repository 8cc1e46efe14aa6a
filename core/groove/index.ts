export * from './cut-groove';
export * from './tip-profile';
export * from './tool-edge';
