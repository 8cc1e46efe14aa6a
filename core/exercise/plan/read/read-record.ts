/** The number of a record of the shop's book; anything else names none. */
export const readRecord = (text: string): number | null =>
  /^[1-9]\d{0,8}$/.test(text) ? Number(text) : null;
