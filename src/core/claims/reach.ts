import type { ClaimKind } from './claim-table';
import { type ClaimContext, panels, type Reach } from './context';

/** How far the whole car was looked at, for claims that speak of all of it. */
export const REACHES: Readonly<Partial<Record<ClaimKind, (c: ClaimContext) => Reach>>> = {
  'original-paint': (c) => reachOf(panels(c).map((p) => [p.slug, p.state !== null])),
  'never-hit': (c) => reachOf(panels(c).map((p) => [p.slug, p.state !== null])),
  'no-rust': ({ metal }) => reachOf(metal.places.map((p) => [p.zone, p.state !== 'unseen'])),
  'everything-works': ({ functions }) =>
    reachOf(functions.asked.map((l) => [l.id, functions.begun && !functions.untried.includes(l)])),
};
const reachOf = (all: readonly (readonly [string, boolean])[]): Reach => ({
  seen: all.filter(([, seen]) => seen).length,
  of: all.length,
  unseen: [...new Set(all.flatMap(([what, seen]) => (seen ? [] : [what])))],
});
