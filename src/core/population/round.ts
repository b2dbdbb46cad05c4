/** A figure with so many digits behind the point, as a table keeps it. */
export const round = (v: number, digits: number) => Number(v.toFixed(digits));
