import type { Plan } from '../body/plan';
import { NOTHING_FITTED } from '../body/styles/options';
import { matchesZone } from '../body/zone-pattern';
import type { Piece, PieceTable, Presence } from '../catalogue/pieces';
import { sameName } from '../catalogue/same-name';
import type { AnyRecord, BodyOf, StoredRecord } from '../kinds';
import { keepLaidOut } from '../model/laid-out';
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

/** A piece at its place, before anything was said of it. */
type Placed = LedgerLine & { readonly record: null };
const laidOut = keepLaidOut<PieceTable, readonly Placed[]>();

type Asked = Pick<BodyOf<'car'>, 'make'> & Partial<Pick<BodyOf<'car'>, 'fitted'>>;

function placed(plan: Plan, car: Asked, t: PieceTable): readonly Placed[] {
  const { vinylRoof, sunroof, skirts } = car.fitted ?? NOTHING_FITTED;
  return laidOut(t, plan, `${car.make}/${vinylRoof}/${sunroof}/${skirts}`, () => layOut(plan, car, t));
}

/** The pieces that a car of that style and make has, in the order of its laps; those of the car as a whole last. */
export function ledgerOf(
  plan: Plan,
  records: readonly AnyRecord[],
  car: Asked | null,
  t: PieceTable,
): readonly LedgerLine[] {
  const lines = placed(plan, car ?? { make: '' }, t);
  const pieces = recordsOf(records, 'piece');
  if (pieces.length === 0) return lines;
  const said = new Map(pieces.map((r) => [`${r.body.piece}@${r.body.zone ?? ''}`, r]));
  return lines.map((l) => ({ ...l, record: said.get(l.id) ?? null }));
}

function layOut(plan: Plan, car: Asked, t: PieceTable): readonly Placed[] {
  // In the order of their names: a table that was sealed has its own in that order.
  const own = Object.entries(t.pieces)
    .filter(
      ([, p]) =>
        (p.styles.length === 0 || p.styles.includes(plan.style)) &&
        (p.makes.length === 0 || p.makes.some((m) => sameName(m, car.make))) &&
        (!p.fitted || (car.fitted ?? NOTHING_FITTED)[p.fitted]),
    )
    .sort(([a], [b]) => (a < b ? -1 : 1));
  const line = (piece: string, of: Piece, zone: string | null): Placed => ({
    id: `${piece}@${zone ?? ''}`,
    piece,
    of,
    zone,
    record: null,
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

/** What all panes of a car bear alike: the maker's mark, what was etched into them. */
const PANE_SAYS = ['mark', 'etched'] as const;
export type PaneSays = (typeof PANE_SAYS)[number];

/** Panes that say otherwise than most of the car's do: perhaps replaced. */
export interface OddPane {
  readonly line: LedgerLine;
  readonly says: PaneSays;
  readonly most: string;
}

const folded = (text: string) => text.trim().toLowerCase().replaceAll(/\s+/g, ' ');

/**
 * Panes whose mark or etched text differs from that of most panes of the car: more than half of at least three that say one.
 * Etched text that only some panes bear is told of those without it, if most have it.
 */
export function oddPanes(lines: readonly LedgerLine[]): readonly OddPane[] {
  const panes = lines.filter((l) => l.of.base === 'glass' && l.record?.body.presence === 'fitted');
  return PANE_SAYS.flatMap((says) => {
    const said = panes.filter((l) => l.record!.body[says] !== '');
    const counts = new Map<string, number>();
    for (const l of said) counts.set(folded(l.record!.body[says]), (counts.get(folded(l.record!.body[says])) ?? 0) + 1);
    const [most, n] = [...counts].sort(([a, x], [b, y]) => y - x || (a < b ? -1 : 1))[0] ?? ['', 0];
    if (said.length < 3 || n * 2 <= said.length) return [];
    const first = said.find((l) => folded(l.record!.body[says]) === most)!.record!.body[says];
    const odd = says === 'etched' && n * 2 > panes.length ? panes : said;
    return odd
      .filter((l) => folded(l.record!.body[says]) !== most)
      .map((line): OddPane => ({ line, says, most: first }));
  });
}
