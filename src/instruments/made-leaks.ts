import type { Fluid, LeakAmount, LeakTable } from '../core/catalogue/leak-places';
import type { LeakLayout } from '../core/leaks/reach';
import type { LeakSeen } from '../core/leaks/sources';
import { normalDraw, type Random } from '../core/stats/random';

/** A made leak: where it really is, and what somebody saw of it. */
export interface MadeLeak {
  readonly source: string;
  readonly fluid: Fluid;
  readonly seen: readonly LeakSeen[];
  /** Whether anything of it was seen: of the others only old dirt was. */
  readonly shows: boolean;
}

/** How far a real car's ways differ from the table's (spread of logarithms), and which share of places is looked at. */
export interface MadeAs {
  readonly ways: number;
  readonly looked: number;
}

const AMOUNTS: readonly LeakAmount[] = ['damp', 'wet', 'drips'];

function pick<T>(from: readonly (readonly [T, number])[], random: Random): T {
  const total = from.reduce((s, [, w]) => s + w, 0);
  let at = random() * total;
  for (const [value, weight] of from) {
    at -= weight;
    if (at <= 0) return value;
  }
  return from[from.length - 1]![0];
}

/**
 * A leak at one source, flowing along ways that differ from the table's as cars do, seen after the run by somebody who looks
 * at part of the places, names fluids wrongly now and then and finds old dirt. Truth for tests; the same for the same seed.
 */
export function madeLeak(layout: LeakLayout, t: LeakTable, { ways, looked }: MadeAs, random: Random): MadeLeak {
  const all = [...layout].flatMap(([place, p]) =>
    (Object.entries(p.leaks) as [Fluid, number][]).map(([fluid, w]) => [[place, fluid] as const, w] as const),
  );
  const [source, fluid] = pick(all, random);
  const wet = new Set<string>(random() < t.showsAtSource ? [source] : []);
  const flow = (from: string) => {
    for (const [to, share] of Object.entries(layout.get(from)!.to)) {
      const own = Math.min(0.97, share * Math.exp(ways * normalDraw(random)));
      if (random() >= own) continue;
      const before = wet.has(to);
      wet.add(to);
      if (!before) flow(to);
    }
  };
  flow(source);
  const names = (is: Fluid): Fluid => {
    if (random() < t.named) return is;
    const alike = t.alike.filter((a) => a[0] === is || a[1] === is);
    return alike.length === 0
      ? is
      : pick(
          alike.map(([a, b, c]) => [a === is ? b : a, c] as const),
          random,
        );
  };
  const seen = [...layout.keys()].flatMap((place): LeakSeen[] => {
    // What is wet is walked to; what is dry is often passed by.
    if (random() > (wet.has(place) ? Math.max(looked, 0.85) : looked)) return [];
    const other = random() < t.otherwiseWet.after;
    const amount: LeakAmount = wet.has(place) || other ? AMOUNTS[Math.floor(random() * 3)]! : 'dry';
    return [{ place, amount, fluid: wet.has(place) ? names(fluid) : null, when: 'after' }];
  });
  return { source, fluid, seen, shows: seen.some((s) => wet.has(s.place)) };
}
