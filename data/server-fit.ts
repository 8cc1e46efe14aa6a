/** The oldest series that is still kept by its makers and has all that the tables need (checks, triggers, JSON). */
const OLDEST = [10, 6] as const;

/**
 * Why a database server can not be used, or null when it can.
 * @param version as the server names it, such as `10.11.6-MariaDB-0+deb12u1`
 * @param engines the storage engines that it offers
 */
export function refuseServer(version: string, engines: readonly string[]): string | null {
  const oldest = OLDEST.join('.');
  if (!/mariadb/i.test(version))
    return `The database server is ${version || 'of no known kind'}. Oyakata needs MariaDB ${oldest} or later.`;
  const [major = 0, minor = 0] = version
    .replace(/^5\.5\.5-/, '')
    .split('.')
    .map(Number);
  if (major < OLDEST[0] || (major === OLDEST[0] && minor < OLDEST[1]))
    return `The database server is MariaDB ${version}, which is too old. Oyakata needs MariaDB ${oldest} or later.`;
  if (!engines.includes('InnoDB'))
    return 'The database server has no InnoDB. Oyakata needs it for transactions: switch it on.';
  return null;
}
