import type { Family } from '@/core/catalogue/flaws/flaw';

/** Outline of each pin head in a 24 × 24 box; shapes differ so that they read at 12 px and without colour. */
const HEADS: Readonly<Record<Family, string>> = {
  finish: 'M12 2C18 7 19 15 12 22C5 15 6 7 12 2Z',
  shape: 'M2 15C5 4 9 4 12 12C15 20 19 20 22 9L22 15C19 24 14 22 12 17C9 9 6 10 5 18Z',
  metal: 'M3 4H21V20H15L12 12L9 20H3Z',
  brightwork: 'M12 1L14.6 9.4L23 12L14.6 14.6L12 23L9.4 14.6L1 12L9.4 9.4Z',
  glass: 'M4 3L20 7L15 21L9 14Z',
  soft: 'M12 3C20 3 22 10 18 13C22 17 16 23 12 18C8 23 2 17 6 13C2 10 4 3 12 3Z',
  missing: 'M12 3A9 9 0 1 1 11.99 3Z',
  function: 'M7 2V8H4V14A8 7 0 0 0 10 20V23H14V20A8 7 0 0 0 20 14V8H17V2H14V8H10V2Z',
  paper: 'M3 8L9 2H21V22H3Z',
};

/** A pin head of a family, filled from below as far as the finding is severe (0 to 1). */
export function PinHead({
  family,
  severity,
  size = 18,
  title,
}: {
  family: Family;
  severity: number;
  size?: number;
  title?: string;
}) {
  const id = `pin-${family}-${Math.round(severity * 10)}`;
  const level = 24 - 24 * Math.min(1, Math.max(0.08, severity));
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 24 24"
      className="shrink-0"
      role={title ? 'img' : undefined}
      aria-hidden={title ? undefined : true}
      aria-label={title}
    >
      <PinShape family={family} id={id} level={level} />
    </svg>
  );
}

function PinShape({ family, id, level }: { family: Family; id: string; level: number }) {
  return (
    <>
      <defs>
        <clipPath id={id}>
          <rect x="0" y={level} width="24" height={24 - level} />
        </clipPath>
      </defs>
      <path d={HEADS[family]} fill="var(--card)" />
      {family !== 'missing' && <path d={HEADS[family]} fill="var(--ink)" clipPath={`url(#${id})`} />}
      <path
        d={HEADS[family]}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={family === 'missing' ? 3.2 : 1.8}
        strokeLinejoin="round"
        strokeDasharray={family === 'missing' ? '5 3' : undefined}
      />
    </>
  );
}

/** The same head inside another drawing, centred at a point, `size` in that drawing's units. */
export function PinMark({
  family,
  severity,
  x,
  y,
  size,
}: {
  family: Family;
  severity: number;
  x: number;
  y: number;
  size: number;
}) {
  return (
    <svg
      x={x - size / 2}
      y={y - size / 2}
      width={size}
      height={size}
      viewBox="0 0 24 24"
      overflow="visible"
      aria-hidden="true"
    >
      <PinShape
        family={family}
        id={`mark-${family}-${Math.round(severity * 10)}`}
        level={24 - 24 * Math.min(1, Math.max(0.08, severity))}
      />
    </svg>
  );
}
