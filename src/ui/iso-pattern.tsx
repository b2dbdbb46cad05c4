import { PATTERN_SIDE_MM, referencePattern, type ScaleGrade, type ScalePart } from '@/core/catalogue/flaws/iso4628';

/** How many millimetres of the reference pattern are shown, from its middle. */
const SHOWN_MM = 60;

/** A reference pattern of ISO 4628 as a small drawing: so many, of that size, on a square of coating. */
export function IsoPattern({ part, quantity, size }: { part: ScalePart; quantity: ScaleGrade; size: ScaleGrade }) {
  const from = (PATTERN_SIDE_MM - SHOWN_MM) / 2;
  return (
    <svg
      viewBox={`${from} ${from} ${SHOWN_MM} ${SHOWN_MM}`}
      className="aspect-square w-full bg-paper"
      aria-hidden="true"
    >
      {referencePattern(part, quantity, size).map(({ points, widthMm }, i) => {
        const d = `M${points.map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`).join('L')}`;
        return widthMm === null ? (
          <path key={i} d={`${d}Z`} fill={part === 2 ? 'none' : 'var(--ink)'} stroke="var(--ink)" strokeWidth="0.4" />
        ) : (
          <path key={i} d={d} fill="none" stroke="var(--ink)" strokeWidth={widthMm} strokeLinecap="round" />
        );
      })}
    </svg>
  );
}
