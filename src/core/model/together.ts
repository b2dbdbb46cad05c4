/** Share of a whole, 0 to 1, that several shares take together: each takes of what the others left. None take 0. */
export const takenTogether = (shares: readonly number[]): number =>
  1 - shares.reduce((kept, share) => kept * (1 - share), 1);
