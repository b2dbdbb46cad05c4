import type { DialPoint } from '@/core/dial/dial';

/** A mark of the scale as it was touched, with what was typed for it. */
export interface Touched {
  readonly at: DialPoint | null;
  readonly value: string;
}

/** Middle, marks with their figures, and the needle as it is taken. */
export function DialOverlay({
  width,
  pivot,
  marks,
  tip,
  radius,
}: {
  width: number;
  pivot: DialPoint | null;
  marks: readonly Touched[];
  tip: DialPoint | null;
  radius: number | null;
}) {
  const dot = width / 140;
  return (
    <g fill="none">
      {pivot && radius && (
        <circle cx={pivot[0]} cy={pivot[1]} r={radius} stroke="white" strokeWidth={width / 600} strokeDasharray={dot} />
      )}
      {pivot && tip && (
        <>
          <line x1={pivot[0]} y1={pivot[1]} x2={tip[0]} y2={tip[1]} stroke="black" strokeWidth={width / 180} />
          <line x1={pivot[0]} y1={pivot[1]} x2={tip[0]} y2={tip[1]} stroke="var(--pin)" strokeWidth={width / 320} />
        </>
      )}
      {[pivot, ...marks.map((m) => m.at), tip].map(
        (p, i) =>
          p && <circle key={i} cx={p[0]} cy={p[1]} r={dot} fill="white" stroke="black" strokeWidth={width / 400} />,
      )}
      {marks.map(
        (m, i) =>
          m.at && (
            <text
              key={i}
              x={m.at[0] + 1.6 * dot}
              y={m.at[1] - dot}
              fontSize={3 * dot}
              fill="white"
              stroke="black"
              strokeWidth={dot / 6}
              paintOrder="stroke"
            >
              {m.value || i + 1}
            </text>
          ),
      )}
    </g>
  );
}
