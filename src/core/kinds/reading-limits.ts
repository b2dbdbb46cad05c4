/** Bounds of what a typed coating thickness can be. Editable data with unit and source. */
export const READING_LIMITS = {
  /** µm. Above any hand-held gauge's range; a larger figure is a slip of typing. */
  highestUm: 20000,
  /** µm. Below this a bare number is as likely a mil value (most films are 2 to 25 mil): ask. */
  askBelowUm: 30,
} as const;
