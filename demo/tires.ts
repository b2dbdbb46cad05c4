import type { DemoVisit } from './visit';

/** Reads the tires of a car: what all say, and what each says of itself, by wheel; the spare under ''. */
export function readTires(
  v: DemoVisit,
  all: Readonly<{ maker: string; line: string; size: string; service?: string }>,
  each: Readonly<Record<string, object>>,
): void {
  const wheels = [...v.plan.zones.values()].filter((z) => z.need === 'tires').map((z) => z.slug);
  const odd = Object.keys(each).find((w) => w !== '' && !wheels.includes(w));
  if (odd) throw new Error(`the demo names a wheel that the car does not have: ${odd}`);
  for (const [wheel, own] of Object.entries(each))
    v.put('tire', { zone: wheel || null, ply: 'radial', ...all, ...own, at: v.at() });
}
