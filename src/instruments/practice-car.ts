import { boxOf } from '@/core/body/geometry';
import type { Plan } from '@/core/body/plan';
import type { Metal, Zone } from '@/core/body/zone';
import type { PaintState } from '@/core/paint/profiles';
import { normalDraw, type Random, seeded } from '@/core/stats/random';

/** What the coating of a made-up car really is: µm at any place of a panel, without the gauge's own errors. */
export interface CoatingTruth {
  um(zone: string, uMm: number, vMm: number): number;
  metal(zone: string): Metal | null;
}

interface Patch {
  readonly u: number;
  readonly v: number;
  readonly radiusMm: number;
  readonly um: number;
}
interface Panel {
  readonly level: number;
  readonly spread: number;
  readonly patch: Patch | null;
}

/** Knots of the slow waves that give a film its unevenness, mm between them. */
const WAVE_MM = 260;

/**
 * A practice car: factory film everywhere, but for one panel resprayed and one filled at a place low on it; which ones
 * follows from the seed. For trying the gauge and its judgement without a car; shows no real one.
 */
export function practiceCar(plan: Plan, seed: number): CoatingTruth {
  const random = seeded(seed);
  const painted = [...plan.zones.values()].filter((z) => z.view === 'outside' && z.aspects.includes('paint'));
  const large = painted.filter((z) => z.areaM2 > 0.3);
  const resprayed = pick(large, random);
  const filled = pick(
    large.filter((z) => z !== resprayed && z.upright),
    random,
  );
  const stateOf = (z: Zone): PaintState => (z === filled ? 'filled' : z === resprayed ? 'resprayed' : 'factory');
  return coatingOf(
    painted.map((z) => [z, stateOf(z)] as const),
    plan,
    seed,
    random,
  );
}

/** The coating of a car whose panels have these states, the same for the same seed; where none is told, bare. */
export function coatingOf(
  states: readonly (readonly [Zone, PaintState])[],
  plan: Plan,
  seed: number,
  random: Random = seeded(seed),
): CoatingTruth {
  const panels = new Map(states.map(([z, state]) => [z.slug, panelOf(z, state, random)]));
  const waves = new Map(states.map(([z]) => [z.slug, seed * 1000 + panels.size + z.lap]));
  return {
    metal: (zone) => plan.zones.get(zone)?.metal ?? null,
    um(zone, u, v) {
      const panel = panels.get(zone);
      if (!panel) return 0;
      const film = panel.level * Math.exp(panel.spread * wave(waves.get(zone)!, u, v));
      const { patch } = panel;
      const away = patch ? Math.hypot(u - patch.u, v - patch.v) / patch.radiusMm : 9;
      return film + (patch ? patch.um * Math.exp(-0.5 * away * away) : 0);
    },
  };
}

const pick = (zones: readonly Zone[], random: Random) => zones[Math.floor(random() * zones.length)];

/** Film and its unevenness by what was done to a panel, µm and share; filler lies on film as from the works. House values. */
const FILM: Readonly<Record<PaintState, { readonly um: number; readonly spread: number }>> = {
  factory: { um: 122, spread: 0.09 },
  resprayed: { um: 255, spread: 0.22 },
  heavy: { um: 380, spread: 0.22 },
  filled: { um: 122, spread: 0.09 },
};
const FILLER_UM = 900;

function panelOf(zone: Zone, state: PaintState, random: Random): Panel {
  const box = boxOf(zone.outline);
  const [w, h] = [box.maxX - box.minX, box.maxY - box.minY];
  const level = FILM[state].um * Math.exp(0.05 * normalDraw(random));
  const patch = {
    u: w * (0.25 + 0.5 * random()),
    v: h * (0.15 + 0.2 * random()),
    radiusMm: 90 + 60 * random(),
    um: FILLER_UM,
  };
  return { level, spread: FILM[state].spread, patch: state === 'filled' ? patch : null };
}

/** A smooth wave of about unit size over the panel, by interpolating seeded values at knots. */
function wave(seed: number, u: number, v: number): number {
  const [x, y] = [u / WAVE_MM, v / WAVE_MM];
  const [i, j] = [Math.floor(x), Math.floor(y)];
  const [tx, ty] = [x - i, y - j];
  const at = (a: number, b: number) => normalDraw(seeded(seed * 7919 + a * 127 + b * 31));
  const top = at(i, j) * (1 - tx) + at(i + 1, j) * tx;
  const low = at(i, j + 1) * (1 - tx) + at(i + 1, j + 1) * tx;
  return (top * (1 - ty) + low * ty) * 1.3;
}
