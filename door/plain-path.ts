/**
 * The path of a request without its query, when it is written as plainly as it can be; null when whoever is behind the
 * door would resolve it to another one (`/api/./events`, `/_next/static/../..`, `%2e`, `//`), so that no limit which goes
 * by the path can be walked around.
 */
export function plainPath(url: string): string | null {
  const path = url.split(/[?#]/, 1)[0] ?? '';
  if (!path.startsWith('/')) return null;
  let read: string;
  try {
    read = decodeURIComponent(path);
  } catch {
    return null;
  }
  if (/[\u0000-\u001f\u007f\\]/.test(read)) return null;
  // An escaped slash, dot or sign of the escapes themselves means one thing here and another one behind.
  if (/%(2f|2e|25|5c)/i.test(path)) return null;
  const parts = read.slice(1).split('/');
  const odd = parts.some(
    (part, place) => part === '.' || part === '..' || (part === '' && (place > 0 || parts.length > 1)),
  );
  return odd ? null : path;
}
