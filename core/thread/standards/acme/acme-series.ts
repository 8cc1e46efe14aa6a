/** Standard sizes of the general purpose series of ASME B1.5: size label and threads per inch. From memory of the printed table. */
// prettier-ignore
export const ACME_SIZES: Record<string, number> = {
  '1/4': 16, '5/16': 14, '3/8': 12, '7/16': 12, '1/2': 10, '5/8': 8, '3/4': 6, '7/8': 6, '1': 5, '1 1/8': 5,
  '1 1/4': 5, '1 3/8': 4, '1 1/2': 4, '1 3/4': 4, '2': 4, '2 1/4': 3, '2 1/2': 3, '2 3/4': 3, '3': 2, '3 1/2': 2,
  '4': 2, '4 1/2': 2, '5': 2,
};
