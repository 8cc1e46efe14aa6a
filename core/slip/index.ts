export * from './slip-case';
export { SLIPS, type SlipId } from './slips';
export * from './recognise-slip';
export * from './slip-hints';
