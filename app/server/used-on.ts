/** Browsers by what they say of themselves; the first that fits, since later ones name earlier ones too. */
const BROWSERS: readonly [RegExp, string][] = [
  [/\bEdg(e|A|iOS)?\//, 'Edge'],
  [/\bOPR\//, 'Opera'],
  [/\bFirefox\/|\bFxiOS\//, 'Firefox'],
  [/Chrome\/|\bCriOS\/|\bChromium\//, 'Chrome'],
  [/\bSafari\//, 'Safari'],
];
const SYSTEMS: readonly [RegExp, string][] = [
  [/\bAndroid\b/, 'Android'],
  [/\biPad\b/, 'iPad'],
  [/\biPhone\b/, 'iPhone'],
  [/\bWindows\b/, 'Windows'],
  [/\bMac OS X\b/, 'Mac'],
  [/\bCrOS\b/, 'ChromeOS'],
  [/\bLinux\b/, 'Linux'],
];

/** A browser and its system in two words, by which a person knows the device again. @example 'Firefox on Android' */
export function usedOn(userAgent: string): string {
  const named = (list: readonly [RegExp, string][]) => list.find(([form]) => form.test(userAgent))?.[1];
  const [browser, system] = [named(BROWSERS), named(SYSTEMS)];
  if (browser === undefined && system === undefined) return 'a program';
  return `${browser ?? 'a browser'}${system === undefined ? '' : ` on ${system}`}`;
}
