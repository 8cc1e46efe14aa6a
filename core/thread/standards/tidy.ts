/** The text with one kind of dash, cross and space. */
export function tidy(text: string): string {
  return text
    .trim()
    .replace(/[×*]/g, 'x')
    .replace(/[‐‑‒–—]/g, '-')
    .replace(/\s+/g, ' ');
}
