/** One foot in metres, exact by the international yard and pound agreement of 1959. */
export const M_PER_FOOT = 0.3048;
