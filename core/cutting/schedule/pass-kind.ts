export type PassKind = 'scratch' | 'rough' | 'finish' | 'spring';
