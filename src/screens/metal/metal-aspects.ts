/** What of a place belongs in the chapter on metal. */
export const METAL_ASPECTS = ['corrosion', 'structure'] as const;
