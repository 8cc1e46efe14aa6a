export * from './groove-case';
export * from './tip-profile';
export * from './tool-edge';
