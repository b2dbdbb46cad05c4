/** A browser's long name as a person would say it; the order matters, since most name several others too. */
const BROWSERS: readonly (readonly [RegExp, string])[] = [
  [/Firefox\//, 'Firefox'],
  [/Edg\//, 'Edge'],
  [/Chrome\//, 'Chrome or Chromium'],
  [/Safari\//, 'Safari'],
];
const SYSTEMS: readonly (readonly [RegExp, string])[] = [
  [/Android/, 'Android'],
  [/iPhone|iPad/, 'iOS'],
  [/Windows/, 'Windows'],
  [/Mac OS X/, 'macOS'],
  [/Linux/, 'Linux'],
];

/** What a user-agent text tells of the device, in words. */
export function deviceText(agent: string | null): string {
  const of = (list: typeof BROWSERS) => list.find(([pattern]) => pattern.test(agent ?? ''))?.[1];
  const said = [of(BROWSERS), of(SYSTEMS)].filter(Boolean).join(' on ');
  return said || (agent ? agent.slice(0, 60) : 'unknown device');
}
