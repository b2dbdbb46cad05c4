import type { Fluid, LeakAmount, LeakLoad, LeakTable, LeakWhen } from '../catalogue/leak-places';
import { type LeakLayout, reachOf } from './reach';

/** A place as it was found: how wet, with what, when. */
export interface LeakSeen {
  readonly place: string;
  readonly amount: LeakAmount;
  /** Null: not told. */
  readonly fluid: Fluid | null;
  readonly when: LeakWhen;
  /** Of what is heard: how it goes with load. */
  readonly load?: LeakLoad | null;
}

/** Why a place is thought to leak, or not. */
export type LeakReason =
  | { readonly what: 'wet-itself'; readonly amount: LeakAmount }
  | { readonly what: 'runs-to'; readonly place: string }
  | { readonly what: 'dry-above'; readonly places: readonly string[] }
  | { readonly what: 'fluid'; readonly fluid: Fluid }
  /** As what it is heard to be does, or as that does not. */
  | { readonly what: 'load'; readonly load: LeakLoad; readonly fits: boolean }
  | { readonly what: 'not-looked-at' }
  | { readonly what: 'dry-itself' };

/** Whether it leaks while the engine runs, or weeps after standing. */
export type LeakKind = 'running' | 'standing' | 'untold';

export interface LeakSource {
  readonly place: string;
  readonly fluid: Fluid;
  /** Chance that it leaks there. */
  readonly chance: number;
  readonly kind: LeakKind;
  readonly why: readonly LeakReason[];
}

/** The look that tells the two likeliest apart: a place not looked at, or those already seen, cleaned and run again. */
export interface NextLook {
  readonly look: string;
  readonly again: boolean;
  readonly splits: readonly [string, string];
}

export interface LeakAnswer {
  readonly sources: readonly LeakSource[];
  readonly next: NextLook | null;
}

const LEVEL: Readonly<Record<LeakAmount, number>> = { dry: 0, damp: 1, wet: 2, drips: 3 };
/** Most leaks thought of at once, and most places thought of as one of them. */
const [MOST_AT_ONCE, MOST_PLACES] = [3, 26] as const;
/** Sources less likely than this are not told. */
const WORTH_TELLING = 0.02;
/** A look tells nothing worth going for where the two differ by less. */
const TELLING = 0.15;

/** What is known of one place: how wet it counts, and how it stood before and after. */
interface Known {
  readonly place: string;
  readonly level: number;
  readonly fluids: readonly Fluid[];
  readonly loads: readonly LeakLoad[];
  readonly otherwise: number;
  readonly before: number | null;
  readonly after: number | null;
  readonly standing: number | null;
}

/** What was seen, place by place. What was seen after the run or after standing outweighs old traces from before. */
function knownOf(seen: readonly LeakSeen[], t: LeakTable): readonly Known[] {
  const places = [...new Set(seen.map((s) => s.place))];
  return places.map((place) => {
    const own = seen.filter((s) => s.place === place);
    const most = (when: LeakWhen) => {
      const levels = own.filter((s) => s.when === when).map((s) => LEVEL[s.amount]);
      return levels.length === 0 ? null : Math.max(...levels);
    };
    const [before, after, standing] = [most('before'), most('after'), most('standing')];
    const since = Math.max(after ?? -1, standing ?? -1);
    // Dry after the run and wet before it: an old trace, or a seal that weeps while it stands.
    const level = since > 0 ? since : Math.max(before ?? 0, 0);
    const fresh = since > 0 || (since === 0 && level === 0);
    return {
      place,
      level,
      fluids: [...new Set(own.flatMap((s) => (s.fluid && s.amount !== 'dry' ? [s.fluid] : [])))],
      loads: own.flatMap((s) => (s.load && s.amount !== 'dry' ? [s.load] : [])),
      otherwise: fresh ? t.otherwiseWet.after : t.otherwiseWet.before,
      before,
      after,
      standing,
    };
  });
}

/** Chance that a fluid is called what it was called. */
function calledChance(is: Fluid, called: Fluid, t: LeakTable): number {
  if (is === called) return t.named - ownLookalikes(is, t);
  const pair = t.alike.find(([a, b]) => (a === is && b === called) || (a === called && b === is));
  return pair ? pair[2] : (1 - t.named) / OTHERS;
}
const ownLookalikes = (is: Fluid, t: LeakTable) =>
  t.alike.reduce((s, [a, b, c]) => s + (a === is || b === is ? c : 0), 0) * 0.9;
/** Roughly so many fluids besides are left to be named by mistake. */
const OTHERS = 12;

/** Of what is not heard nothing is known with load: each of three as likely. */
const LOAD_UNTOLD = 1 / 3;
const loadChance = (fluid: Fluid, load: LeakLoad, t: LeakTable): number =>
  fluid === 'air' || fluid === 'gas' ? t.load[fluid][load] : LOAD_UNTOLD;

interface Candidate {
  readonly place: string;
  readonly fluid: Fluid;
  /** Logarithm of how common it is among all leaks. */
  readonly logCommon: number;
  readonly reach: ReadonlyMap<string, number>;
}

/** Log-likelihood of what is known of one place, given the leaks that are thought of. */
function logLikelihood(k: Known, leaks: readonly Candidate[], layout: LeakLayout, t: LeakTable): number {
  let dry = 1 - k.otherwise;
  for (const l of leaks) dry *= 1 - (l.reach.get(k.place) ?? 0);
  if (k.level === 0) return Math.log(Math.max(1e-9, dry));
  const wet = Math.max(1e-9, 1 - dry);
  let [weight, byAmount] = [k.otherwise, k.otherwise / 3];
  const ground = layout.get(k.place)?.ground ?? false;
  for (const l of leaks) {
    const r = l.reach.get(k.place) ?? 0;
    const shape = l.place === k.place ? t.amounts.source : ground ? t.amounts.ground : t.amounts.elsewhere;
    weight += r;
    byAmount += r * shape[k.level - 1]!;
  }
  let sum = Math.log(wet) + Math.log(byAmount / weight);
  for (const called of k.fluids) {
    let by = k.otherwise / (OTHERS + 1);
    for (const l of leaks) by += (l.reach.get(k.place) ?? 0) * calledChance(l.fluid, called, t);
    sum += Math.log(by / weight);
  }
  for (const load of k.loads) {
    let by = k.otherwise * LOAD_UNTOLD;
    for (const l of leaks) by += (l.reach.get(k.place) ?? 0) * loadChance(l.fluid, load, t);
    sum += Math.log(by / weight);
  }
  return sum;
}

/** Places and fluids that can explain something wet, the likeliest first. */
function candidatesOf(known: readonly Known[], layout: LeakLayout, t: LeakTable): readonly Candidate[] {
  const wet = known.filter((k) => k.level > 0);
  const leaks = [...layout].flatMap(([place, p]) =>
    (Object.entries(p.leaks) as [Fluid, number][]).map((l) => [place, ...l] as const),
  );
  const whole = leaks.reduce((s, [, , common]) => s + common, 0);
  const all = leaks.map(
    ([place, fluid, common]): Candidate => ({
      place,
      fluid,
      logCommon: Math.log(common / whole),
      reach: reachOf(layout, place, t.showsAtSource),
    }),
  );
  const explains = all.filter((c) => wet.some((k) => (c.reach.get(k.place) ?? 0) > 0.01));
  const alone = (c: Candidate, of: readonly Known[]) =>
    c.logCommon + of.reduce((s, k) => s + logLikelihood(k, [c], layout, t), 0);
  const best = (of: readonly Known[], n: number) =>
    [...explains].sort((a, b) => alone(b, of) - alone(a, of)).slice(0, n);
  // The likeliest for all, and for each wet place by itself: a second leak explains little alone.
  return [...new Set([...best(known, 12), ...wet.flatMap((k) => best([k], 4))])].slice(0, MOST_PLACES);
}

/** Every set of up to so many leaks, with its log-posterior up to a constant. */
function hypotheses(candidates: readonly Candidate[], known: readonly Known[], layout: LeakLayout, t: LeakTable) {
  const out: { readonly leaks: readonly Candidate[]; readonly log: number }[] = [];
  // So many leaks in any order: one set stands for all its orders.
  const orders = [1, 1, 2, 6];
  const weigh = (leaks: readonly Candidate[]) =>
    Math.log(t.atOnce[leaks.length]! * orders[leaks.length]!) +
    leaks.reduce((s, l) => s + l.logCommon, 0) +
    known.reduce((s, k) => s + logLikelihood(k, leaks, layout, t), 0);
  const grow = (from: number, leaks: readonly Candidate[]) => {
    out.push({ leaks, log: weigh(leaks) });
    if (leaks.length === MOST_AT_ONCE) return;
    for (let i = from; i < candidates.length; i++)
      // One place leaks one fluid at a time.
      if (!leaks.some((l) => l.place === candidates[i]!.place)) grow(i + 1, [...leaks, candidates[i]!]);
  };
  grow(0, []);
  return out;
}

/** Whether what a source wets grew by the run, or only by standing. */
function kindOf(c: Candidate, known: readonly Known[]): LeakKind {
  let [grew, stood] = [0, 0];
  for (const k of known) {
    if ((c.reach.get(k.place) ?? 0) < TELLING || k.after === null) continue;
    if (k.before !== null && k.after > k.before) grew++;
    else if (Math.max(k.before ?? 0, k.standing ?? 0) > k.after) stood++;
    else if (k.before !== null && k.before > 0) stood += 0.5;
  }
  return grew > 0 ? 'running' : stood > 0 ? 'standing' : 'untold';
}

function reasonsOf(c: Candidate, known: readonly Known[], layout: LeakLayout, t: LeakTable): readonly LeakReason[] {
  const own = known.find((k) => k.place === c.place);
  const wetBelow = known.filter((k) => k.place !== c.place && k.level > 0 && (c.reach.get(k.place) ?? 0) > TELLING);
  const above = [...layout.keys()].filter(
    (p) => p !== c.place && (reachOf(layout, p, t.showsAtSource).get(c.place) ?? 0) > TELLING,
  );
  const dryAbove = above.filter((p) => known.some((k) => k.place === p && k.level === 0));
  const amount = (level: number) => (Object.keys(LEVEL) as LeakAmount[])[level]!;
  return [
    ...(own
      ? own.level > 0
        ? [{ what: 'wet-itself' as const, amount: amount(own.level) }]
        : [{ what: 'dry-itself' as const }]
      : [{ what: 'not-looked-at' as const }]),
    ...wetBelow.map((k) => ({ what: 'runs-to' as const, place: k.place })),
    ...(dryAbove.length > 0 ? [{ what: 'dry-above' as const, places: dryAbove }] : []),
    ...(known.some((k) => k.fluids.includes(c.fluid) && (c.reach.get(k.place) ?? 0) > TELLING)
      ? [{ what: 'fluid' as const, fluid: c.fluid }]
      : []),
    ...(own?.loads ?? []).map((load) => ({
      what: 'load' as const,
      load,
      fits: loadChance(c.fluid, load, t) >= LOAD_UNTOLD,
    })),
  ];
}

/** The place that tells the two likeliest apart best: one not looked at since the run, else one of them again, cleaned. */
function nextOf(
  a: LeakSource,
  b: LeakSource,
  known: readonly Known[],
  layout: LeakLayout,
  t: LeakTable,
): NextLook | null {
  const [ra, rb] = [reachOf(layout, a.place, t.showsAtSource), reachOf(layout, b.place, t.showsAtSource)];
  const telling = (p: string) => Math.abs((ra.get(p) ?? 0) - (rb.get(p) ?? 0));
  const looked = new Set(known.filter((k) => k.after !== null || k.standing !== null).map((k) => k.place));
  const open = [...layout.keys()].filter((p) => !looked.has(p) && !layout.get(p)!.ground);
  const [best] = open.sort((x, y) => telling(y) - telling(x));
  const splits = [a.place, b.place] as const;
  if (best && telling(best) > TELLING) return { look: best, again: known.some((k) => k.place === best), splits };
  // Everything was seen: cleaned and run again, the upper of the two tells.
  const upper = (ra.get(b.place) ?? 0) >= (rb.get(a.place) ?? 0) ? a : b;
  return { look: upper.place, again: true, splits };
}

/**
 * Where it leaks, by what is wet and dry: the chance of every source over all sets of up to three leaks (exact sums over a
 * noisy-or network), the likeliest first, with reasons; and the one look that would tell the two likeliest apart. Nothing wet:
 * no source. Places that are not of the layout are for the caller to refuse; they tell nothing.
 */
export function leakSources(seen: readonly LeakSeen[], layout: LeakLayout, t: LeakTable): LeakAnswer {
  const known = knownOf(
    seen.filter((s) => layout.has(s.place)),
    t,
  );
  if (!known.some((k) => k.level > 0)) return { sources: [], next: null };
  const candidates = candidatesOf(known, layout, t);
  const all = hypotheses(candidates, known, layout, t);
  const top = Math.max(...all.map((h) => h.log));
  const weights = all.map((h) => Math.exp(h.log - top));
  const total = weights.reduce((s, w) => s + w, 0);
  const chances = new Map<Candidate, number>();
  for (const [i, h] of all.entries())
    for (const l of h.leaks) chances.set(l, (chances.get(l) ?? 0) + weights[i]! / total);
  const byPlace = new Map<string, { best: Candidate; chance: number; of: number }>();
  for (const [c, chance] of chances) {
    const held = byPlace.get(c.place);
    if (!held) byPlace.set(c.place, { best: c, chance, of: chance });
    else
      byPlace.set(c.place, {
        best: chance > held.of ? c : held.best,
        chance: held.chance + chance,
        of: Math.max(chance, held.of),
      });
  }
  const sources = [...byPlace.values()]
    .filter((s) => s.chance >= WORTH_TELLING)
    .sort((a, b) => b.chance - a.chance || (a.best.place < b.best.place ? -1 : 1))
    .map(
      ({ best, chance }): LeakSource => ({
        place: best.place,
        fluid: best.fluid,
        chance: Math.min(1, chance),
        kind: kindOf(best, known),
        why: reasonsOf(best, known, layout, t),
      }),
    );
  const [a, b] = sources;
  return { sources, next: a && b && a.chance < 0.97 ? nextOf(a, b, known, layout, t) : null };
}
