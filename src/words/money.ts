const ROUND_TO = 10;

/** Money as an estimate is told: no finer than tens, with the house's currency. */
export function money(amount: number, currency = ''): string {
  const rounded = Math.round(amount / ROUND_TO) * ROUND_TO;
  return `${rounded.toLocaleString('en-GB')} ${currency}`.trim();
}

/** Money from a low to a high end, the currency once. */
export const moneyRange = (low: number, high: number, currency = ''): string =>
  `${money(low)} – ${money(high)} ${currency}`.trim();
