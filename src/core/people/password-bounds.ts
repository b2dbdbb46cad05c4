/** Fewest and most letters of a password. House values; NIST SP 800-63B asks for 8 at least. */
export const SHORTEST_PASSWORD = 10;
export const LONGEST_PASSWORD = 200;
