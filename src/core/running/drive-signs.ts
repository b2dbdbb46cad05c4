import type { Order, Sign, SignPlace, SignSource, SignTable, SignWith, SpeedBand } from '../catalogue/drive-signs';
import type { MechState } from '../catalogue/mechanical';
import type { TireFault } from '../catalogue/tire-faults';

/** Something felt or heard on the road. */
export interface Felt {
  readonly what: Sign;
  readonly at: SignPlace | null;
  readonly withs: readonly SignWith[];
  /** From which speed it comes, and where it is gone again, km/h; null: not told, or it goes on up. */
  readonly fromKmh: number | null;
  readonly toKmh: number | null;
  readonly coasts: 'stays' | 'goes' | null;
  /** How often it comes at the speed at which it is worst, 1/s, counted or by a device; null: not counted. */
  readonly hz: number | null;
}

/** What is on record that speaks for or against a source. */
export interface DriveContext {
  /** State of parts of the running gear, by their ids. */
  readonly parts: ReadonlyMap<string, MechState>;
  readonly tireFaults: ReadonlySet<TireFault>;
  /** Rolling circumference of the tires, m; null: no size was read. */
  readonly rollingM: number | null;
}

export type SignReason =
  | { readonly what: 'kind' }
  | { readonly what: 'place'; readonly place: SignPlace }
  | { readonly what: 'with'; readonly with: SignWith }
  | { readonly what: 'stays' | 'goes' }
  | { readonly what: 'order'; readonly order: Order; readonly expectedHz: number }
  | { readonly what: 'part'; readonly part: string; readonly state: MechState }
  | { readonly what: 'tire'; readonly fault: TireFault };

export interface LikelySource {
  readonly id: string;
  readonly name: string;
  /** Chance among the sources of the table. */
  readonly chance: number;
  readonly side: 'left' | 'right' | null;
  readonly why: readonly SignReason[];
  readonly look: string;
}

/** Speed at which it counts as worst, km/h: the middle of where it was felt, or somewhat above where it began. */
const ABOVE_KMH = 15;
export function worstKmh({ fromKmh, toKmh }: Pick<Felt, 'fromKmh' | 'toKmh'>): number | null {
  if (fromKmh === null) return toKmh;
  return toKmh === null ? fromKmh + ABOVE_KMH : (fromKmh + toKmh) / 2;
}

const bandOf = (kmh: number, [slow, middle]: SignTable['boundsKmh']): SpeedBand =>
  kmh < slow ? 'slow' : kmh < middle ? 'middle' : 'fast';

/**
 * How often a wheel turns at a speed, 1/s: speed over rolling circumference. A shaft turns more often by the final drive
 * ratio; a joint at an angle speeds up and slows down twice a turn.
 */
export const wheelHz = (kmh: number, rollingM: number): number => kmh / 3.6 / rollingM;

/** Turns of each order for one turn of the wheel, from and to. */
const turnsOf = (order: Order, [low, high]: SignTable['finalDrive']): readonly [number, number] =>
  ({ wheel: [1, 1], 'wheel-twice': [2, 2], shaft: [low, high], 'shaft-twice': [2 * low, 2 * high] })[order] as [
    number,
    number,
  ];

/** Chance of a counted frequency given what turns that often: whole within its range, falling off by the counting error. */
function orderChance(hz: number, base: number, order: Order | null, t: SignTable): number {
  if (order === null) return 0.25;
  const [low, high] = turnsOf(order, t.finalDrive).map((x) => x * base) as [number, number];
  const off = hz < low ? Math.log(low / hz) : hz > high ? Math.log(hz / high) : 0;
  return Math.max(t.seldom / 3, Math.exp(-0.5 * (off / t.countedOff) ** 2));
}

const factorOf = (state: MechState, t: SignTable): number =>
  state === 'unseen' || state === 'altered' ? 1 : t.seen[state];

/** A turn that wakes it loads the wheel away from it. */
function sideOf(s: SignSource, withs: readonly SignWith[]): 'left' | 'right' | null {
  if (!s.awayFromTurn) return null;
  const [left, right] = [withs.includes('turning-left'), withs.includes('turning-right')];
  return left === right ? null : left ? 'right' : 'left';
}

function weigh(s: SignSource, felt: Felt, c: DriveContext, t: SignTable): { weight: number; why: SignReason[] } {
  const why: SignReason[] = [];
  const or = (share: number | undefined) => share ?? t.seldom;
  let weight = s.common * or(s.is[felt.what]);
  if (or(s.is[felt.what]) > 0.5) why.push({ what: 'kind' });
  if (felt.at) {
    weight *= or(s.at[felt.at]);
    if (or(s.at[felt.at]) >= 0.4) why.push({ what: 'place', place: felt.at });
  }
  // What wakes it speaks for it; what it should come with and does not speaks against it.
  for (const [w, share] of Object.entries(s.with) as [SignWith, number][]) {
    weight *= felt.withs.includes(w) ? share : 1 - share;
    if (felt.withs.includes(w) && share >= 0.4) why.push({ what: 'with', with: w });
  }
  for (const w of felt.withs) if (s.with[w] === undefined) weight *= t.seldom * 2;
  const worst = worstKmh(felt);
  if (worst !== null) weight *= or(s.speed[bandOf(worst, t.boundsKmh)]);
  if (felt.coasts) {
    const share = felt.coasts === 'stays' ? s.stays : 1 - s.stays;
    weight *= Math.max(t.seldom, share);
    if (share >= 0.6) why.push({ what: felt.coasts });
  }
  if (felt.hz !== null && worst !== null && worst > 0) {
    const base = wheelHz(worst, c.rollingM ?? t.rollingM);
    const chance = orderChance(felt.hz, base, s.order, t);
    weight *= chance;
    if (s.order && chance > 0.5) why.push({ what: 'order', order: s.order, expectedHz: base });
  }
  const states = s.parts.flatMap((p) => {
    const state = c.parts.get(p);
    return state ? [[p, state] as const] : [];
  });
  const [worstPart] = [...states].sort((a, b) => factorOf(b[1], t) - factorOf(a[1], t));
  if (worstPart) {
    weight *= factorOf(worstPart[1], t);
    if (factorOf(worstPart[1], t) > 1) why.push({ what: 'part', part: worstPart[0], state: worstPart[1] });
  }
  const fault = s.tires.find((f) => c.tireFaults.has(f));
  if (fault) {
    weight *= t.seen.tire;
    why.push({ what: 'tire', fault });
  }
  return { weight, why };
}

/** Sources less likely than this are not told. */
const WORTH_TELLING = 0.08;

/**
 * What something felt or heard on the road most likely comes from, the likeliest first: Bayes over the table's sources with
 * signs taken as independent given the source. Never more than a guess: each comes with the look that would tell. Refuses
 * (none) what was only said to be there, with nothing of where, when or at which speed: that tells no source.
 */
export function likelySources(felt: Felt, context: DriveContext, t: SignTable): readonly LikelySource[] {
  const says =
    felt.at !== null || felt.withs.length > 0 || felt.coasts !== null || worstKmh(felt) !== null || felt.hz !== null;
  if (!says) return [];
  const all = Object.entries(t.sources).map(([id, s]) => ({ id, s, ...weigh(s, felt, context, t) }));
  const whole = all.reduce((sum, a) => sum + a.weight, 0);
  return all
    .map(({ id, s, weight, why }) => ({
      id,
      name: s.name,
      chance: weight / whole,
      side: sideOf(s, felt.withs),
      why,
      look: s.look,
    }))
    .filter((a) => a.chance >= WORTH_TELLING)
    .sort((a, b) => b.chance - a.chance || (a.id < b.id ? -1 : 1));
}
