/** What of a place belongs in the chapter on the cabin and on what works. */
export const CABIN_ASPECTS = ['trim', 'function'] as const;
