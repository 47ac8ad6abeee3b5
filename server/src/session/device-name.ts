/** Names in a browser's own description of itself, the more particular first. */
const DEVICES: readonly (readonly [mark: RegExp, name: string])[] = [
  [/iPad/, 'iPad'],
  [/iPhone/, 'iPhone'],
  [/Android.*Mobile/, 'Android phone'],
  [/Android/, 'Android tablet'],
  [/CrOS/, 'Chromebook'],
  [/Windows/, 'Windows computer'],
  [/Macintosh/, 'Mac'],
  [/Linux/, 'Linux computer'],
];
const BROWSERS: readonly (readonly [mark: RegExp, name: string])[] = [
  [/Edg\//, 'Edge'],
  [/Firefox\//, 'Firefox'],
  [/OPR\//, 'Opera'],
  [/Chrome\/|Chromium\//, 'Chrome'],
  [/Safari\//, 'Safari'],
];

const called = (names: typeof DEVICES, text: string): string | undefined =>
  names.find(([mark]) => mark.test(text))?.[1];

/** Name for a device that gave none, from what its browser says of itself: "Android phone, Chrome". */
export function deviceName(userAgent: string | undefined): string {
  const text = userAgent ?? '';
  const parts = [called(DEVICES, text), called(BROWSERS, text)].filter(Boolean);
  return parts.length > 0 ? parts.join(', ') : 'A browser';
}
