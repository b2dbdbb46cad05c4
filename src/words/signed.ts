/** A difference with its sign, to a tenth: "+1.3", "−0.4", "0.0". */
export const signedText = (v: number): string => `${v > 0 ? '+' : v < 0 ? '−' : ''}${Math.abs(v).toFixed(1)}`;
