import type { LeakPlace, LeakTable } from '../catalogue/leak-places';

/** Places of a layout, with where what leaks there ends up. */
export type LeakLayout = ReadonlyMap<string, LeakPlace>;

/** The table's places as a layout has them: without those that such a car lacks, and with its own ground. Null: no such layout. */
export function layoutOf(t: LeakTable, template: string): LeakLayout | null {
  const own = t.templates[template];
  if (!own) return null;
  const without = new Set(own.without);
  const groundFor = (slug: string) =>
    Object.entries(own.ground).find(([head]) => slug === head || slug.startsWith(`${head}.`))?.[1];
  return new Map(
    Object.entries(t.places)
      .filter(([slug]) => !without.has(slug))
      // In the order of their names: a table that was sealed has its own in that order.
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([slug, p]) => {
        const ground = groundFor(slug);
        const to: Record<string, number> = {};
        for (const [next, share] of Object.entries(p.to)) {
          if (without.has(next)) continue;
          const at = ground && t.places[next]!.ground ? ground : next;
          to[at] = 1 - (1 - (to[at] ?? 0)) * (1 - share);
        }
        return [slug, { ...p, to }];
      }),
  );
}

const reaches = new WeakMap<LeakLayout, Map<string, ReadonlyMap<string, number>>>();

/**
 * How likely each place gets wet by a leak at a source, the source itself included: along every way, none relying on another
 * (noisy-or; Pearl, Probabilistic Reasoning in Intelligent Systems, ch. 4). Kept for each layout.
 */
export function reachOf(layout: LeakLayout, source: string, showsAtSource: number): ReadonlyMap<string, number> {
  const kept = reaches.get(layout) ?? new Map<string, ReadonlyMap<string, number>>();
  reaches.set(layout, kept);
  const held = kept.get(source);
  if (held) return held;
  const reach = new Map<string, number>([[source, showsAtSource]]);
  // Ways do not run in circles: places are passed on in the order in which all that reaches them is known.
  for (const slug of downstream(layout, source)) {
    const from = slug === source ? 1 : reach.get(slug)!;
    for (const [next, share] of Object.entries(layout.get(slug)!.to))
      reach.set(next, 1 - (1 - (reach.get(next) ?? 0)) * (1 - from * share));
  }
  kept.set(source, reach);
  return reach;
}

/** The source and all below it, each after everything that runs to it (depth-first order turned round). */
function downstream(layout: LeakLayout, source: string): string[] {
  const done = new Set<string>();
  const order: string[] = [];
  const visit = (slug: string) => {
    if (done.has(slug)) return;
    done.add(slug);
    for (const next of Object.keys(layout.get(slug)!.to)) visit(next);
    order.push(slug);
  };
  visit(source);
  return order.reverse();
}
