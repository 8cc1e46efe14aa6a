import 'server-only';

/** The address under which browsers reach this server through its proxy, such as `https://threads.school.example`. */
export function publicOrigin(): URL | null {
  const setting = process.env.OYAKATA_ORIGIN ?? '';
  return setting === '' ? null : new URL(setting);
}
