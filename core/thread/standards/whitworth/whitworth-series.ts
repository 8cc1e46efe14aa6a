/** Sizes of BS 84: size label and threads per inch. From memory of the printed tables. */
// prettier-ignore
const BSW: Record<string, number> = {
  '1/8': 40, '3/16': 24, '1/4': 20, '5/16': 18, '3/8': 16, '7/16': 14, '1/2': 12, '9/16': 12, '5/8': 11, '11/16': 11,
  '3/4': 10, '7/8': 9, '1': 8, '1 1/8': 7, '1 1/4': 7, '1 1/2': 6, '1 3/4': 5, '2': 4.5, '2 1/4': 4, '2 1/2': 4,
  '2 3/4': 3.5, '3': 3.5,
};

// prettier-ignore
const BSF: Record<string, number> = {
  '3/16': 32, '7/32': 28, '1/4': 26, '9/32': 26, '5/16': 22, '3/8': 20, '7/16': 18, '1/2': 16, '9/16': 16, '5/8': 14,
  '11/16': 14, '3/4': 12, '7/8': 11, '1': 10, '1 1/8': 9, '1 1/4': 9, '1 3/8': 8, '1 1/2': 8, '1 5/8': 8, '1 3/4': 7,
  '2': 7, '2 1/4': 6, '2 1/2': 6, '2 3/4': 6, '3': 5,
};

export const WHITWORTH_SERIES: Record<'BSW' | 'BSF', Record<string, number>> = { BSW, BSF };
