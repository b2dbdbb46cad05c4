import type { Reading } from '@/core/kinds/reading';
import type { PaintProfile } from '@/core/paint/profiles';
import { type ThicknessUnit, thicknessFigure, thicknessSign } from '@/core/units/thickness';
import { rampColour } from '../body-plan/ramp';

const W = 300;
const HEIGHT = 128;
const TOP = 18;
const FLOOR = 100;
/** Width from which a band has room for its name. */
const NAMED_FROM = 22;

interface Props {
  readonly readings: readonly Pick<Reading, 'state' | 'thicknessUm'>[];
  readonly profile: PaintProfile;
  readonly unit: ThicknessUnit;
  readonly ceilingUm: number;
  readonly twinUm?: number | null;
}

/** Readings of one zone against a school's bands; readings at the ceiling as open arrows at the right edge. */
export function StripPlot({ readings, profile, unit, ceilingUm, twinUm }: Props) {
  const maxUm = Math.max(ceilingUm * 1.08, ...readings.map((r) => r.thicknessUm ?? 0));
  const x = (um: number) => 6 + (um / maxUm) * (W - 12);
  const read = readings.filter((r) => r.state === 'read');
  const over = readings.filter((r) => r.state === 'over');
  const none = readings.length - read.length - over.length;
  const ticks = [100, 200, 300, 400, 500, 700, 1000].filter((t) => t <= maxUm);
  const summary = `${readings.length} readings${over.length ? `, ${over.length} at the ceiling` : ''}${none ? `, ${none} without a value` : ''}`;
  return (
    <figure>
      <svg
        viewBox={`0 0 ${W} ${HEIGHT}`}
        className="w-full"
        role="img"
        aria-label={`Readings against the ${profile.name} school: ${summary}`}
      >
        <Bands bandsUm={profile.bandsUm} maxUm={maxUm} x={x} />
        <line x1={x(ceilingUm)} x2={x(ceilingUm)} y1={TOP} y2={FLOOR} stroke="var(--cut)" strokeDasharray="3 3" />
        {read.map((r, i) => (
          <circle
            key={i}
            cx={x(r.thicknessUm!)}
            cy={TOP + 12 + ((i * 37) % 58)}
            r="4.6"
            fill="var(--card)"
            stroke="var(--ink)"
            strokeWidth="1.5"
          />
        ))}
        {over.map((_, i) => {
          const y = TOP + 10 + ((i * 15) % 66);
          return (
            <path
              key={i}
              d={`M${x(ceilingUm) - 5} ${y - 5}L${x(ceilingUm) + 5} ${y}L${x(ceilingUm) - 5} ${y + 5}Z`}
              fill="var(--card)"
              stroke="var(--ink)"
              strokeWidth="1.5"
            />
          );
        })}
        {typeof twinUm === 'number' && <path d={`M${x(twinUm)} ${FLOOR}l-5 9h10z`} fill="var(--thread)" />}
        {ticks.map((t) => (
          <text
            key={t}
            x={x(t)}
            y={HEIGHT - 6}
            fontSize="9.5"
            textAnchor="middle"
            fill="var(--ink)"
            fontFamily="var(--font-mono)"
          >
            {thicknessFigure(t, unit)}
          </text>
        ))}
      </svg>
      <figcaption className="text-xs text-soft">
        {summary}, {thicknessSign(unit)}
        {typeof twinUm === 'number' && (
          <>
            {' · '}
            <span className="text-thread">▲</span> twin
          </>
        )}
      </figcaption>
    </figure>
  );
}

/** The school's bands behind the readings, named where there is room. */
function Bands({
  bandsUm: { factory, resprayed, heavy },
  maxUm,
  x,
}: {
  bandsUm: PaintProfile['bandsUm'];
  maxUm: number;
  x: (um: number) => number;
}) {
  const bands = [
    ['factory', 0, factory, 120],
    ['resprayed', factory, resprayed, 235],
    ['heavy', resprayed, heavy, 330],
    ['filled', heavy, maxUm, 440],
  ] as const;
  return bands
    .filter(([, from]) => from < maxUm)
    .map(([name, from, to, colourUm]) => {
      const [left, right] = [x(from), x(Math.min(to, maxUm))];
      return (
        <g key={name}>
          <rect
            x={left}
            y={TOP}
            width={right - left}
            height={FLOOR - TOP}
            fill={rampColour(colourUm).fill}
            opacity="0.55"
          />
          {right - left > NAMED_FROM && (
            <text x={(left + right) / 2} y={TOP - 6} fontSize="9.5" textAnchor="middle" fill="var(--soft)">
              {name}
            </text>
          )}
        </g>
      );
    });
}
