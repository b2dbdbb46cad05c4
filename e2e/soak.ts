/** Whether the long form of the trials is asked for: `npm run soak`. */
export const SOAKING = process.env.FARVIN_SOAK === '1';

/** How much of something a trial does: the whole of it in a soak, a small share in `npm test`. */
export const amount = (whole: number, small: number): number => (SOAKING ? whole : small);
