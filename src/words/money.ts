const ROUND_TO = 10;

/** Money as an estimate is told: no finer than tens, with the house's currency. */
export function money(amount: number, currency = ''): string {
  const rounded = Math.round(amount / ROUND_TO) * ROUND_TO;
  return `${rounded.toLocaleString('en-GB')} ${currency}`.trim();
}

/** Money from a low to a high end, the currency once. */
export const moneyRange = (low: number, high: number, currency = ''): string =>
  `${money(low)} – ${money(high)} ${currency}`.trim();

/** What is known of the work takes so much, and places that nobody saw so much more where they add anything that shows. */
export function knownText({ known, unseen }: { known: { p10: number; p90: number }; unseen: { p90: number } }): string {
  const more = unseen.p90 < ROUND_TO / 2 ? '' : `, places that nobody saw up to ${money(unseen.p90)} more`;
  return `what is known takes ${moneyRange(known.p10, known.p90)}${more}.`;
}
