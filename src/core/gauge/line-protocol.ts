/** What a thickness gauge tells: a value, over its range, nothing, why nothing, how full its battery is, what it is. */
export type GaugeEvent =
  | { readonly kind: 'read'; readonly value: number; readonly unit: 'um' | 'mil'; readonly mode: GaugeMode | null }
  | { readonly kind: 'over'; readonly value: number; readonly unit: 'um' | 'mil' }
  | { readonly kind: 'none' }
  | { readonly kind: 'error'; readonly why: GaugeError }
  | { readonly kind: 'battery'; readonly percent: number }
  | { readonly kind: 'hello'; readonly name: string; readonly ceilingUm: number };

/** Magnetic induction on steel, eddy current on aluminium (ISO 2178, ISO 2360). */
export type GaugeMode = 'F' | 'N';
export const GAUGE_ERRORS = ['cold', 'battery', 'probe', 'base'] as const;
export type GaugeError = (typeof GAUGE_ERRORS)[number];

/**
 * One line of the protocol (docs/formats/gauge.md), or null when it is none. A bare number, as gauges that type like a
 * keyboard send it, is a reading in the unit given. Never throws.
 */
export function parseGaugeLine(line: string, bareUnit: 'um' | 'mil' = 'um'): GaugeEvent | null {
  const text = line.trim();
  if (/^\d{1,5}([.,]\d{1,2})?$/.test(text))
    return { kind: 'read', value: Number(text.replace(',', '.')), unit: bareUnit, mode: null };
  const [word, ...rest] = text.split(/\s+/);
  const value = Number(rest[0]);
  const unit = rest[1] === 'um' || rest[1] === 'mil' ? rest[1] : null;
  switch (word) {
    case 'R': {
      const mode = rest[2] === 'F' || rest[2] === 'N' ? rest[2] : null;
      return rest[0] && unit && value >= 0 && Number.isFinite(value) ? { kind: 'read', value, unit, mode } : null;
    }
    case 'O':
      return rest[0] && unit && value > 0 && Number.isFinite(value) ? { kind: 'over', value, unit } : null;
    case 'N':
      return rest.length === 0 ? { kind: 'none' } : null;
    case 'E': {
      const why = GAUGE_ERRORS.find((e) => e === rest[0]);
      return why ? { kind: 'error', why } : null;
    }
    case 'B':
      return rest[0] && value >= 0 && value <= 100 ? { kind: 'battery', percent: value } : null;
    case 'G': {
      const ceiling = Number(/^ceiling=(\d+)$/.exec(rest[0] ?? '')?.[1]);
      return ceiling > 0 ? { kind: 'hello', ceilingUm: ceiling, name: rest.slice(1).join(' ') || 'gauge' } : null;
    }
    default:
      return null;
  }
}

/** The line that says an event. */
export function gaugeLine(event: GaugeEvent): string {
  switch (event.kind) {
    case 'read':
      return ['R', event.value, event.unit, event.mode].filter((p) => p !== null).join(' ');
    case 'over':
      return `O ${event.value} ${event.unit}`;
    case 'none':
      return 'N';
    case 'error':
      return `E ${event.why}`;
    case 'battery':
      return `B ${event.percent}`;
    case 'hello':
      return `G ceiling=${event.ceilingUm} ${event.name}`;
  }
}
