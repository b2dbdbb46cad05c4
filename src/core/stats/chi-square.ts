import jstat from 'jstat';

/** The quantile of chi-square with ν ≥ 1 degrees of freedom, 0 < p < 1 (by the inverse of the incomplete gamma function). */
export const chiSquareQuantile = (p: number, degrees: number): number => jstat.jStat.chisquare.inv(p, degrees);
