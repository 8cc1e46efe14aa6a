/** Letters and figures that are not taken for one another when read aloud or from a slip: no 0 O, 1 I L, 5 S, 2 Z, 8 B, U V. */
export const CODE_ALPHABET = '34679ACDEFGHJKMNPQRTWXY';

/**
 * A code for people, from random bytes: each character of CODE_ALPHABET is as likely as any other.
 * @param bytes random; those from 253 up (11 times 23) are passed over
 * @returns null when there were too few of them
 */
export function spokenCode(bytes: Iterable<number>, length: number): string | null {
  const most = 256 - (256 % CODE_ALPHABET.length);
  let code = '';
  for (const byte of bytes) {
    if (byte >= most) continue;
    code += CODE_ALPHABET[byte % CODE_ALPHABET.length] ?? '';
    if (code.length === length) return code;
  }
  return null;
}

/** A code as it was typed: case, spaces and dashes do not matter. @example readCode('kq7-m4f') // 'KQ7M4F' */
export function readCode(text: string): string {
  return text.toUpperCase().replace(/[^A-Z0-9]/g, '');
}

/** A code in two halves, for a slip. @example showCode('KQ7M4FRA') // 'KQ7M 4FRA' */
export function showCode(code: string): string {
  const half = Math.ceil(code.length / 2);
  return `${code.slice(0, half)} ${code.slice(half)}`;
}
