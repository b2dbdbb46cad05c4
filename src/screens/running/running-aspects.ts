/** What of a place belongs in the chapter on how it runs. */
export const RUNNING_ASPECTS = ['leaks'] as const;
