/** Farvin's mark: a pattern notch and a cut line. */
export function FarvinMark({ size = 28 }: { size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden="true">
      <path d="M6 4H20C26 4 28 8 28 12V28H18V17H6V4Z" fill="var(--thread)" />
      <path d="M6 22V28M2 25H11" stroke="var(--ink)" strokeWidth="2.6" />
      <path d="M11 10.5H22" stroke="var(--thread-ink)" strokeWidth="2" strokeDasharray="3 2.4" />
    </svg>
  );
}
