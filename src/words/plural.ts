const RULES = new Intl.PluralRules('en');

/** A number with its word: "1 change", "3 changes"; `many` where adding an s does not do. */
export function plural(n: number, one: string, many = `${one}s`): string {
  return `${n} ${RULES.select(n) === 'one' ? one : many}`;
}
