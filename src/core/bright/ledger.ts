import type { Plan } from '../body/plan';
import { matchesZone } from '../body/zone-pattern';
import type { Piece, PieceTable, Presence } from '../catalogue/pieces';
import type { AnyRecord, BodyOf, StoredRecord } from '../kinds';
import { recordsOf } from '../records/reduce';

/** A piece of this car with what was said of it last; null: nobody said anything. */
export interface LedgerLine {
  readonly id: string;
  readonly piece: string;
  readonly of: Piece;
  readonly zone: string | null;
  readonly record: StoredRecord<'piece'> | null;
}

/** How complete a car is: so many pieces of each presence, and of how many nobody said anything. */
export type Completeness = Readonly<Record<Presence | 'unsaid', number>>;

const like = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** A piece at its place, before anything was said of it. */
type Placed = Omit<LedgerLine, 'record'>;
/** Pieces as they lie on a plan, by table, plan and make: the same for every car of the kind, however often it is judged. */
const laidOut = new WeakMap<PieceTable, WeakMap<Plan, Map<string, readonly Placed[]>>>();

function placed(plan: Plan, make: string, t: PieceTable): readonly Placed[] {
  const plans = laidOut.get(t) ?? new WeakMap<Plan, Map<string, readonly Placed[]>>();
  laidOut.set(t, plans);
  const makes = plans.get(plan) ?? new Map<string, readonly Placed[]>();
  plans.set(plan, makes);
  const held = makes.get(make) ?? layOut(plan, make, t);
  makes.set(make, held);
  return held;
}

/** The pieces that a car of that style and make has, in the order of its laps; those of the car as a whole last. */
export function ledgerOf(
  plan: Plan,
  records: readonly AnyRecord[],
  car: Pick<BodyOf<'car'>, 'make'> | null,
  t: PieceTable,
): readonly LedgerLine[] {
  const said = new Map(recordsOf(records, 'piece').map((r) => [`${r.body.piece}@${r.body.zone ?? ''}`, r]));
  return placed(plan, car?.make ?? '', t).map((l) => ({ ...l, record: said.get(l.id) ?? null }));
}

function layOut(plan: Plan, make: string, t: PieceTable): readonly Placed[] {
  // In the order of their names: a table that was sealed has its own in that order.
  const own = Object.entries(t.pieces)
    .filter(
      ([, p]) =>
        (p.styles.length === 0 || p.styles.includes(plan.style)) &&
        (p.makes.length === 0 || p.makes.some((m) => like(m, make))),
    )
    .sort(([a], [b]) => (a < b ? -1 : 1));
  const line = (piece: string, of: Piece, zone: string | null): Placed => ({
    id: `${piece}@${zone ?? ''}`,
    piece,
    of,
    zone,
  });
  return [
    ...[...plan.zones.keys()].flatMap((zone) =>
      own.flatMap(([id, p]) => (p.zones.some((z) => matchesZone(zone, z)) ? [line(id, p, zone)] : [])),
    ),
    ...own.flatMap(([id, p]) => (p.zones.length === 0 ? [line(id, p, null)] : [])),
  ];
}

/** How complete a car is by its ledger. Nothing that nobody spoke of counts as there. */
export function completenessOf(lines: readonly LedgerLine[]): Completeness {
  const count = { fitted: 0, along: 0, missing: 0, wrong: 0, unsaid: 0 };
  for (const l of lines) count[l.record?.body.presence ?? 'unsaid']++;
  return count;
}

/** Pieces of one kind of which one was plated again and its twin was not: they differ in shade. */
export function unevenPairs(lines: readonly LedgerLine[]): readonly (readonly [LedgerLine, LedgerLine])[] {
  const plated = lines.filter((l) => l.record !== null && l.record.body.replated !== 'unknown');
  return plated.flatMap((a, i) =>
    plated
      .slice(i + 1)
      .flatMap((b): [LedgerLine, LedgerLine][] =>
        a.piece === b.piece && a.record!.body.replated !== b.record!.body.replated ? [[a, b]] : [],
      ),
  );
}
