const PARTS = 12;

/** Even lines over a picture, for whoever wants only to look. */
export function GridLines({ width, height }: { width: number; height: number }) {
  return (
    <>
      {Array.from({ length: PARTS - 1 }, (_, i) => (
        <path
          key={i}
          d={`M${(width * (i + 1)) / PARTS} 0V${height}M0 ${(height * (i + 1)) / PARTS}H${width}`}
          stroke="white"
          strokeWidth={width / 900}
          opacity="0.7"
        />
      ))}
    </>
  );
}
