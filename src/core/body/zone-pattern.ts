/** What a pattern with a side left open asks for, by the pattern: tables name few, and each is asked for every zone of a car. */
const SIDED = new Map<string, RegExp>();

/** Whether a zone's slug is of a pattern in which `*` stands for either side: `fender.*` is `fender.left`. */
export function matchesZone(slug: string, pattern: string): boolean {
  if (!pattern.includes('*')) return slug === pattern;
  let sided = SIDED.get(pattern);
  if (!sided) {
    const words = pattern.split('.').map((w) => (w === '*' ? '(?:left|right)' : w.replaceAll(/\W/g, '\\$&')));
    sided = new RegExp(`^${words.join('\\.')}$`);
    SIDED.set(pattern, sided);
  }
  return sided.test(slug);
}
