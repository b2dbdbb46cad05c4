/** What of a place belongs in the chapter on brightwork, glass, seals and tires. */
export const BRIGHT_ASPECTS = ['brightwork', 'glass', 'rubber', 'tire'] as const;
