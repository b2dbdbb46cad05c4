/** kPa by the units in which oil pressure is read (NIST SP 811, appendix B). */
export const KPA_PER = { psi: 6.894757, bar: 100, kpa: 1 } as const;
