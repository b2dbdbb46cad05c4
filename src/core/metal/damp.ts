import type { Plan } from '../body/plan';
import type { Zone } from '../body/zone';
import type { WeakTable } from '../catalogue/weak-spots';
import type { WeakPlace } from './weak-places';

/** Below which metal a damp place of the cabin or trunk lies: the same side and end of another part. */
const BELOW: Readonly<Record<string, readonly string[]>> = {
  carpet: ['floor', 'footwell'],
  'trunk.mat': ['trunk.floor', 'trunk.well'],
  trunk: ['trunk.floor'],
  'load.floor': ['floor'],
};
/** How far up its water is followed. */
const MOST_STEPS = 3;

/** Metal zones below a damp place, of the plan that it lies on. */
function below(plan: Plan, zone: string): readonly string[] {
  const parts = BELOW[zone] ?? BELOW[zone.split('.')[0]!] ?? [];
  const rest = BELOW[zone] ? '' : zone.slice(zone.indexOf('.'));
  return [...new Set(parts.flatMap((p) => [`${p}${rest}`, p]))].filter((z) => plan.zones.has(z));
}

const sharesSide = (a: Zone | undefined, b: Zone | undefined) =>
  !a || !b || a.side === 'centre' || b.side === 'centre' || a.side === b.side;

/**
 * Where the water of a damp place can come from: the weak places above those below it, along the shared water, nearest first
 * and on its own side. Empty where the place lies above no metal that the table speaks of.
 */
export function dampFrom(
  plan: Plan,
  places: readonly WeakPlace[],
  zone: string,
  t: Pick<WeakTable, 'water'>,
): readonly WeakPlace[] {
  const own = plan.zones.get(zone);
  const found: WeakPlace[] = [];
  let step: readonly WeakPlace[] = places.filter((p) => below(plan, zone).includes(p.zone));
  const met = new Set(step.map((p) => p.id));
  for (let i = 0; i < MOST_STEPS && step.length > 0; i++) {
    const above = new Set(step.flatMap((p) => t.water.filter((w) => w.to === p.spot).map((w) => w.from)));
    step = places.filter((p) => above.has(p.spot) && !met.has(p.id) && sharesSide(own, plan.zones.get(p.zone)));
    for (const p of step) met.add(p.id);
    found.push(...step);
  }
  return found;
}
