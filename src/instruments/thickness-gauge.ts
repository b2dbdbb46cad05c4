import { GAUGE_LIMITS } from '@/core/gauge/limits';
import type { GaugeEvent, GaugeMode } from '@/core/gauge/line-protocol';
import { normalDraw, seeded } from '@/core/stats/random';
import type { CoatingTruth } from './practice-car';

export interface GaugeSettings {
  readonly name: string;
  readonly ceilingUm: number;
  /** What it can read on: steel (F), aluminium (N). */
  readonly modes: readonly GaugeMode[];
  /** How far it is off: shown = true × scale + offset. */
  readonly offsetUm: number;
  readonly scale: number;
  /** Repeatability: a part of the value and a fixed part, one standard deviation. */
  readonly noiseShare: number;
  readonly noiseUm: number;
  readonly temperatureC: number | null;
  readonly seed: number;
}

/** A survey gauge as handbooks describe one: ±(1 µm + 2 %) and a ceiling of 500 µm. */
export const SURVEY_GAUGE: GaugeSettings = {
  name: 'Stand-in gauge',
  ceilingUm: 500,
  modes: ['F', 'N'],
  offsetUm: 1.5,
  scale: 1.02,
  noiseShare: 0.01,
  noiseUm: 0.6,
  temperatureC: null,
  seed: 1,
};

/** Readings that one charge of the battery gives; house value. */
const READINGS_PER_CHARGE = 1200;
/** How much more an edge makes a gauge show, at the very edge. */
const EDGE_SHARE = 0.25;

/** A stand-in that behaves like a handheld thickness gauge on a made-up car. Marked as such wherever it is used. */
export class StandInGauge {
  private readonly random: () => number;
  private used = 0;
  private last: GaugeEvent | null = null;

  constructor(
    private readonly truth: CoatingTruth,
    readonly settings: GaugeSettings = SURVEY_GAUGE,
  ) {
    this.random = seeded(settings.seed);
  }

  hello(): GaugeEvent {
    return { kind: 'hello', name: this.settings.name, ceilingUm: this.settings.ceilingUm };
  }

  battery(): GaugeEvent {
    return { kind: 'battery', percent: Math.max(0, Math.round(100 * (1 - this.used / READINGS_PER_CHARGE))) };
  }

  /** What it shows with the probe at a place; `edgeMm` is the distance to the nearest edge of the panel. */
  measure(zone: string, uMm: number, vMm: number, edgeMm: number): GaugeEvent {
    const { settings } = this;
    this.used++;
    if (this.used > READINGS_PER_CHARGE) return this.told({ kind: 'error', why: 'battery' });
    if (settings.temperatureC !== null && settings.temperatureC < GAUGE_LIMITS.coldC)
      return this.told({ kind: 'error', why: 'cold' });
    const metal = this.truth.metal(zone);
    const mode: GaugeMode | null = metal === 'steel' ? 'F' : metal === 'aluminium' ? 'N' : null;
    // On a base that it cannot read a gauge shows nothing: it does not know why.
    if (!mode || !settings.modes.includes(mode)) return this.told({ kind: 'none' });
    if (edgeMm < 1) return this.told({ kind: 'error', why: 'probe' });
    const edge = edgeMm < GAUGE_LIMITS.edgeMm ? 1 + EDGE_SHARE * (1 - edgeMm / GAUGE_LIMITS.edgeMm) : 1;
    return this.told(this.shown(this.truth.um(zone, uMm, vMm) * edge, mode));
  }

  /** What it shows on a known foil on its bare plate. */
  onFoil(foilUm: number): GaugeEvent {
    return this.shown(foilUm, 'F');
  }

  /** Shows the last value once more, as the repeat button does. */
  repeat(): GaugeEvent | null {
    return this.last;
  }

  private told(event: GaugeEvent): GaugeEvent {
    this.last = event;
    return event;
  }

  private shown(trueUm: number, mode: GaugeMode): GaugeEvent {
    const { settings: s } = this;
    const off = trueUm * s.scale + s.offsetUm;
    const noisy = off + normalDraw(this.random) * (s.noiseUm + s.noiseShare * off);
    if (noisy >= s.ceilingUm) return { kind: 'over', value: s.ceilingUm, unit: 'um' };
    return { kind: 'read', value: Math.max(0, Math.round(noisy)), unit: 'um', mode };
  }
}
