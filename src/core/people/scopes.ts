/** What a program may be let read: the sales with their lots and sealed reports, or also what was entered. */
export const SCOPES = ['catalogue', 'records'] as const;
export type Scope = (typeof SCOPES)[number];

/** Longest that a token is good, in days. House value. */
export const LONGEST_TOKEN_DAYS = 400;
