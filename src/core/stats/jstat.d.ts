/** What is used of jstat, which ships no types. */
declare module 'jstat' {
  const jstat: {
    readonly jStat: {
      corrcoeff(a: readonly number[], b: readonly number[]): number;
      readonly normal: { inv(p: number, mean: number, sd: number): number };
      readonly chisquare: { inv(p: number, degrees: number): number };
      readonly studentt: { inv(p: number, degrees: number): number };
    };
  };
  export default jstat;
}
