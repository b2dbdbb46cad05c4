import jstat from 'jstat';

/** The quantile of Student's t with ν ≥ 1 degrees of freedom, 0 < p < 1 (by the inverse of the incomplete beta function). */
export const studentQuantile = (p: number, degrees: number): number => jstat.jStat.studentt.inv(p, degrees);
