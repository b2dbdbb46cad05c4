/** The working orders that practitioners follow, and what is looked at in each. */
export const SCHOOLS = ['lap', 'structure', 'survey', 'field'] as const;
export type School = (typeof SCHOOLS)[number];
