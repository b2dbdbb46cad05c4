/** What a difference of colour is called. */
export const COLOUR_VERDICTS = ['not-seen', 'trained-eye', 'noticeable', 'plain'] as const;
export type ColourVerdict = (typeof COLOUR_VERDICTS)[number];
