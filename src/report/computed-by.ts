/**
 * Number of the way figures follow from records: raised with every change of a formula or of a number that is not in a
 * report's own tables. A report of another number need not give the same figures here, and what the Yard keeps of a lot is
 * computed anew.
 */
export const COMPUTED_BY = 8;
