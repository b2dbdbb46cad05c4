/** Rust grade of ISO 4628-3 and the largest rusted area, share, at which it still is that. */
const RI: readonly (readonly [grade: number, upTo: number])[] = [
  [0, 0],
  [1, 0.0005],
  [2, 0.005],
  [3, 0.01],
  [4, 0.08],
];

/** Rust grade of ASTM D610 (10 best) and the largest rusted area, share, at which it still is that. */
const D610: readonly (readonly [grade: number, upTo: number])[] = [
  [10, 0.0001],
  [9, 0.0003],
  [8, 0.001],
  [7, 0.003],
  [6, 0.01],
  [5, 0.03],
  [4, 0.1],
  [3, 0.16],
  [2, 0.33],
  [1, 0.5],
];

/** Ri 0 to 5 of a rusted area (ISO 4628-3, table 1): the lowest grade whose area is not exceeded. */
export const riOf = (share: number): number => RI.find(([, upTo]) => share <= upTo)?.[0] ?? 5;
/** Grade 10 to 0 of a rusted area (ASTM D610, table 1). */
export const d610Of = (share: number): number => D610.find(([, upTo]) => share <= upTo)?.[0] ?? 0;
