/** What of a place belongs in the chapter on brightwork and glass. */
export const BRIGHT_ASPECTS = ['brightwork', 'glass'] as const;
