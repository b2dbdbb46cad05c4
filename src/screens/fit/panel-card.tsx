'use client';

import { useState } from 'react';
import { boxOf, type Point } from '@/core/body/geometry';
import { type Plan, toPanel } from '@/core/body/plan';
import type { CarFit } from '@/core/fit/car-fit';
import { panelStations } from '@/core/fit/hung-panels';
import { afterMoving, type FitStation } from '@/core/fit/panel-fit';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { correctionText, FIT_VERDICT_WORDS } from '@/words/fit';
import { zoneName } from '@/words/zones';
import { ShutForm } from './shut-form';

/** Movements are drawn so many times as large as they are. */
const LARGER = 16;
const LIMITS = { mm: 6, mrad: 10 } as const;

interface Trial {
  readonly dxMm: number;
  readonly dyMm: number;
  readonly rotMrad: number;
}
const NO_MOVE: Trial = { dxMm: 0, dyMm: 0, rotMrad: 0 };

/** Where a door, hood or deck hangs, before and after a correction, and what every gap becomes when one is tried. */
export function PanelCard({ plan, fit, panel }: { plan: Plan; fit: CarFit; panel: CarFit['panels'][number] }) {
  const { car } = useInspection();
  const wording = useWording(car?.steering);
  const zone = plan.zones.get(panel.zone)!;
  const stations = panelStations(plan, zone, new Map(fit.seams.map((s) => [s.seam, s])));
  const [trial, setTrial] = useState<Trial>(NO_MOVE);
  const result = panel.fit;
  if (!result.ok)
    return (
      <section className="grid gap-2 p-4">
        <h2 className="text-xl font-bold">{zoneName(panel.zone, wording)}</h2>
        <p className="border border-dashed border-ink/50 p-3 text-sm">
          Fewer than three gaps are measured round it: where it hangs cannot be told.
        </p>
        <ShutForm zone={panel.zone} />
      </section>
    );
  const centre: Point = [mid(stations.map((s) => s.xMm)), mid(stations.map((s) => s.yMm))];
  const { dxMm, dyMm, rotMrad } = result.inPlane;
  // The fit tells shifts at the origin of the coordinates; the trial turns about the panel's middle.
  const asComputed: Trial = {
    dxMm: -(dxMm.value! - (rotMrad.value! / 1000) * centre[1]),
    dyMm: -(dyMm.value! + (rotMrad.value! / 1000) * centre[0]),
    rotMrad: -rotMrad.value!,
  };
  const move = { ...trial, dzMm: 0, tiltAboutXMrad: 0, tiltAboutYMrad: 0, pivot: centre };
  const after = stations.map((s) => ({ ...s, ...afterMoving(s, move) }));
  const off = (list: readonly FitStation[]) =>
    Math.max(0, ...list.flatMap((s) => (s.gapMm === null ? [] : [Math.abs(s.gapMm - s.nominalMm)])));
  return (
    <section className="grid gap-3 p-4">
      <div className="flex items-start justify-between gap-2">
        <h2 className="text-xl font-bold">{zoneName(panel.zone, wording)}</h2>
        <span className="stamp">inferred</span>
      </div>
      <p>
        <strong className="inline-block first-letter:uppercase">{FIT_VERDICT_WORDS[result.verdict]}</strong>.{' '}
        <span className="text-soft">
          A movement takes away {Math.round(100 * result.explained)} % of the misfit; {result.residualMm.toFixed(1)} mm
          is left
          {result.worst
            ? `, most at its ${result.worst.side} (${result.worst.residualMm > 0 ? '+' : ''}${result.worst.residualMm.toFixed(1)} mm ${result.worst.what})`
            : ''}
          .
        </span>
      </p>
      {(result.verdict === 'adjust' || result.verdict === 'partly' || result.verdict === 'beyond-slots') && (
        <p className="bg-wash p-3 text-sm">{correctionText(panel.hung, result.hinges, result.latch)}</p>
      )}
      {result.slips.length > 0 && (
        <p className="border-l-4 border-pin pl-2 text-sm">
          {result.slips.length === 1 ? 'One place is' : `${result.slips.length} places are`} far off with no neighbour
          that agrees: likely a slip of measuring. Measure again:{' '}
          {result.slips.map((s) => `${s.side}, ${s.what}`).join('; ')}.
        </p>
      )}
      {result.untold.length > 0 && (
        <p className="text-sm text-soft">
          The measured sides do not tell all of its place; measure its other sides too.
        </p>
      )}
      <Hanging plan={plan} zone={panel.zone} before={result.inPlane} centre={centre} trial={trial} stations={after} />
      <fieldset className="grid gap-2 border border-line p-3">
        <legend className="px-1 text-sm font-bold">Try a correction</legend>
        {(
          [
            ['dxMm', 'forward', LIMITS.mm, 'mm'],
            ['dyMm', 'up', LIMITS.mm, 'mm'],
            ['rotMrad', 'turned, rear down', LIMITS.mrad, 'mrad'],
          ] as const
        ).map(([name, word, limit, unit]) => (
          <label key={name} className="grid grid-cols-[7.5rem_1fr_5.5rem] items-center gap-2 text-sm">
            {word}
            <input
              type="range"
              min={-limit}
              max={limit}
              step={0.1}
              value={trial[name]}
              onChange={(e) => setTrial({ ...trial, [name]: Number(e.target.value) })}
              className="accent-thread"
            />
            <span className="figure text-right">
              {trial[name] > 0 ? '+' : ''}
              {trial[name].toFixed(1)} {unit}
            </span>
          </label>
        ))}
        <div className="flex flex-wrap items-center gap-2">
          <button type="button" className="btn btn-small" onClick={() => setTrial(asComputed)}>
            As computed
          </button>
          <button type="button" className="btn btn-small" onClick={() => setTrial(NO_MOVE)}>
            As it hangs
          </button>
          <p className="text-sm" role="status">
            Worst gap off nominal: <span className="figure">{off(stations).toFixed(1)}</span> →{' '}
            <strong className="figure">{off(after).toFixed(1)} mm</strong>
          </p>
        </div>
      </fieldset>
      <ShutForm zone={panel.zone} />
    </section>
  );
}

const mid = (list: readonly number[]) => (Math.min(...list) + Math.max(...list)) / 2;

/** The panel on its opening, movements drawn larger: where it hangs, dashed, and where the trial brings it. */
function Hanging({
  plan,
  zone: slug,
  before,
  centre,
  trial,
  stations,
}: {
  plan: Plan;
  zone: string;
  before: Extract<CarFit['panels'][number]['fit'], { ok: true }>['inPlane'];
  centre: Point;
  trial: Trial;
  stations: readonly FitStation[];
}) {
  const zone = plan.zones.get(slug)!;
  // Drawn with forward to the left and up on top, as a left door is seen.
  const outline = zone.outline.map((p): Point => {
    const { uMm, vMm } = toPanel(zone, p);
    return [-uMm, zone.upright ? vMm : -vMm];
  });
  const at = ([x, y]: Point): Point => [-x, -y];
  const theta = before.rotMrad.value! / 1000;
  const shift: Trial = {
    dxMm: before.dxMm.value! - theta * centre[1],
    dyMm: before.dyMm.value! + theta * centre[0],
    rotMrad: before.rotMrad.value!,
  };
  const moved = (m: Trial) =>
    outline.map(([x, y]): Point => {
      const t = (m.rotMrad / 1000) * LARGER;
      const [rx, ry] = [x - centre[0], y - centre[1]];
      return [x + LARGER * m.dxMm - t * ry, y + LARGER * m.dyMm + t * rx];
    });
  const path = (list: readonly Point[]) =>
    `M${list
      .map((p) =>
        at(p)
          .map((v) => v.toFixed(0))
          .join(' '),
      )
      .join('L')}Z`;
  const box = boxOf(outline.map(at));
  const pad = 130;
  const size = Math.max(box.maxX - box.minX, box.maxY - box.minY);
  const now: Trial = {
    dxMm: shift.dxMm + trial.dxMm,
    dyMm: shift.dyMm + trial.dyMm,
    rotMrad: shift.rotMrad + trial.rotMrad,
  };
  return (
    <figure className="grid gap-1">
      <svg
        viewBox={`${box.minX - pad} ${box.minY - pad} ${box.maxX - box.minX + 2 * pad} ${box.maxY - box.minY + 2 * pad}`}
        className="max-h-64 w-full"
        role="img"
        aria-label="The panel on its opening, before and after the correction"
      >
        <path d={path(outline)} fill="var(--wash)" stroke="var(--cut)" strokeWidth={size / 160} />
        <path
          d={path(moved(shift))}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={size / 140}
          strokeDasharray={`${size / 40} ${size / 50}`}
        />
        <path d={path(moved(now))} fill="none" stroke="var(--thread)" strokeWidth={size / 90} />
        {stations.map((s, i) => {
          const [x, y] = at([s.xMm, s.yMm]);
          return s.gapMm === null ? null : (
            <text
              key={i}
              x={x}
              y={y}
              dy="0.35em"
              textAnchor="middle"
              fontSize={size / 22}
              fontFamily="var(--font-mono)"
              fill="var(--ink)"
              stroke="var(--card)"
              strokeWidth={size / 70}
              paintOrder="stroke"
            >
              {s.gapMm.toFixed(1)}
            </text>
          );
        })}
      </svg>
      <figcaption className="text-xs text-soft">
        The opening, filled; the panel as it hangs, dashed; as tried, in colour. Movements are drawn {LARGER} times as
        large; figures are gaps in mm as tried. Front is left.
      </figcaption>
    </figure>
  );
}
