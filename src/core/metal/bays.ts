import type { Plan } from '../body/plan';
import type { View } from '../body/zone';
import { matchesZone } from '../body/zone-pattern';
import { flawById } from '../catalogue/flaws/by-id';
import type { Cell } from '../coverage/coverage';
import type { StoredRecord } from '../kinds';
import type { BlockedBy } from '../kinds/look';
import { keptWith } from '../stats/remembered';

/** Stretches in which the underside, the engine bay's structure and the trunk are walked, in that order. */
export const BAYS = [
  { id: 'engine-structure', view: 'engine', zones: ['support.radiator', 'apron.*', 'bay.*', 'bulkhead', 'battery'] },
  {
    id: 'front-structure',
    view: 'underneath',
    zones: ['crossmember.front', 'rail.*.front', 'fork.*.front', 'housing.*.front', 'outrigger.*.front'],
  },
  { id: 'front-floors', view: 'underneath', zones: ['floor.*.front', 'footwell.*'] },
  { id: 'inner-rockers', view: 'underneath', zones: ['rocker.*.inner'] },
  { id: 'centre', view: 'underneath', zones: ['tunnel', 'backbone'] },
  { id: 'rear-floors', view: 'underneath', zones: ['floor.*.rear'] },
  {
    id: 'rear-structure',
    view: 'underneath',
    zones: ['crossmember.rear', 'rail.*.rear', 'fork.*.rear', 'housing.*.rear', 'outrigger.*.rear'],
  },
  { id: 'tank', view: 'underneath', zones: ['tank'] },
  { id: 'trunk-below', view: 'underneath', zones: ['trunk.floor'] },
  {
    id: 'trunk',
    view: 'trunk',
    zones: ['trunk.*', 'trunk.panel', 'trunk.mat', 'trunk.well', 'trunk.gutter', 'load.*'],
  },
] as const satisfies readonly { id: string; view: View; zones: readonly string[] }[];
export type BayId = (typeof BAYS)[number]['id'];
export const BAY_IDS = BAYS.map((b) => b.id) as [BayId, ...BayId[]];

/** A bay of a car. */
export interface Bay {
  readonly id: BayId;
  readonly view: View;
  readonly zones: readonly string[];
}

/** What a bay is looked at for. */
const OF_METAL: ReadonlySet<string> = new Set(['corrosion', 'structure']);

/** The bays that a plan has, in the order of the walk, each with its zones; those without a zone are left out. */
export const baysOf = keptWith((plan: Plan): readonly Bay[] =>
  BAYS.flatMap(({ id, view, zones }) => {
    const own = plan.lap[view].filter(
      (z) => zones.some((p) => matchesZone(z, p)) && plan.zones.get(z)!.aspects.some((a) => OF_METAL.has(a)),
    );
    return own.length === 0 ? [] : [{ id, view, zones: own }];
  }),
);

export const bayOf = (plan: Plan, zone: string): Bay | null => baysOf(plan).find((b) => b.zones.includes(zone)) ?? null;

/** How far a bay was seen, and what was found in it of rust, old repairs and hits. */
export interface BayState extends Bay {
  /** Places (zone × corrosion or structure) looked at, of how many. */
  readonly seen: number;
  readonly places: number;
  readonly blockedBy: readonly BlockedBy[];
  readonly findings: readonly StoredRecord<'finding'>[];
}

/** Families of flaws that are about the metal itself. */
const METALLIC: ReadonlySet<string> = new Set(['metal', 'shape']);

/** Each bay of a car by what was looked at and found. Counts a place as seen only where somebody said so or found something. */
export function bayStates(plan: Plan, cells: readonly Cell[]): readonly BayState[] {
  return baysOf(plan).map((bay) => {
    const own = cells.filter((c) => bay.zones.includes(c.zone.slug));
    const metal = own.filter((c) => OF_METAL.has(c.aspect));
    return {
      ...bay,
      seen: metal.filter((c) => c.status !== 'unseen' && c.status !== 'blocked').length,
      places: metal.length,
      blockedBy: [...new Set(metal.flatMap((c) => (c.status === 'blocked' && c.why ? [c.why] : [])))],
      findings: own.flatMap((c) => c.findings).filter((f) => METALLIC.has(flawById(f.body.flaw).family)),
    };
  });
}
