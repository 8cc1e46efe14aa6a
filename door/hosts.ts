/**
 * The names under which the application answers, as a browser sends them in `Host`. A page at another name that points
 * to this machine would otherwise be served, and could write with the cookies of whoever opens it.
 *
 * @param setting names parted by spaces or commas, with a port or without (then with the port of the server)
 * @param publicHost host of the public address, as it stands there
 */
export function allowedHosts(
  setting: string | undefined,
  port: number,
  publicHost: string | null = null,
): ReadonlySet<string> {
  const named = (setting ?? '').split(/[\s,]+/).filter((name) => name !== '');
  const names = ['127.0.0.1', 'localhost', '[::1]', ...named];
  const whole = names.map((name) => (/:\d+$/.test(name) ? name : `${name}:${port}`).toLowerCase());
  return new Set(publicHost === null ? whole : [...whole, publicHost]);
}

/** Whether a request names one of them. Port 80 is left out by browsers. */
export function isAllowedHost(host: string | undefined, allowed: ReadonlySet<string>): boolean {
  if (host === undefined) return false;
  const name = host.toLowerCase();
  return allowed.has(name) || allowed.has(`${name}:80`);
}
