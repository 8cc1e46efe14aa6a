/** A value of a story as it would be typed: texts, figures and yes or no; nothing else can be typed. */
export function typedText(value: unknown): string {
  return typeof value === 'string'
    ? value
    : typeof value === 'number' || typeof value === 'boolean'
      ? `${value}`
      : '';
}
