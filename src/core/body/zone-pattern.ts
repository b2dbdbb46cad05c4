/** Whether a zone's slug is of a pattern in which `*` stands for either side: `fender.*` is `fender.left`. */
export function matchesZone(slug: string, pattern: string): boolean {
  const [s, p] = [slug.split('.'), pattern.split('.')];
  return (
    s.length === p.length &&
    p.every((word, i) => word === s[i] || (word === '*' && (s[i] === 'left' || s[i] === 'right')))
  );
}
