import type { Plan } from '../body/plan';
import { type Fitted, NOTHING_FITTED } from '../body/styles/options';
import { matchesZone } from '../body/zone-pattern';
import type { FunctionRow, FunctionTable } from '../catalogue/functions';
import type { AnyRecord, BodyOf, StoredRecord } from '../kinds';
import { keepLaidOut } from '../model/laid-out';
import { recordsOf } from '../records/reduce';

/** A function of this car with what was found last; null: nobody tried it. */
export interface FunctionLine {
  readonly id: string;
  readonly of: FunctionRow;
  /** Where it is tried; the first of its places, for one that has several. */
  readonly zone: string;
  readonly record: StoredRecord<'tried'> | null;
}

/** A function at its place, before anybody tried it. */
type Placed = FunctionLine & { readonly record: null };
const laidOut = keepLaidOut<FunctionTable, readonly Placed[]>();

type Asked = Partial<Pick<BodyOf<'car'>, 'fitted'>>;

/** `left.front` of `door.left.front`; a place without an end is at the front. */
function sideAndEnd(zone: string): string {
  const parts = zone.split('.');
  const side = parts.find((p) => p === 'left' || p === 'right') ?? '';
  const end = parts.find((p) => p === 'front' || p === 'rear') ?? 'front';
  return [side, end].filter(Boolean).join('.');
}

/**
 * What should work on a car of that style and equipment, in the order in which it is tried, with what was found. Functions
 * that not every such car has come in once something was said of them, or where the table calls them usual.
 */
export function functionsOf(
  plan: Plan,
  records: readonly AnyRecord[],
  car: Asked | null,
  t: FunctionTable,
): readonly FunctionLine[] {
  const fitted = car?.fitted ?? NOTHING_FITTED;
  const { vinylRoof, sunroof, skirts } = fitted;
  const lines = laidOut(t, plan, `${vinylRoof}/${sunroof}/${skirts}`, () => layOut(plan, fitted, t));
  const tried = recordsOf(records, 'tried');
  if (tried.length === 0) return lines;
  const said = new Map(tried.map((r) => [r.body.function, r]));
  return lines.map((l) => ({ ...l, record: said.get(l.id) ?? null }));
}

function layOut(plan: Plan, fitted: Fitted, t: FunctionTable): readonly Placed[] {
  const names = [
    ...t.order.filter((n) => n in t.functions),
    ...Object.keys(t.functions)
      .filter((n) => !t.order.includes(n))
      .sort(),
  ];
  return names.flatMap((name): Placed[] => {
    const of = t.functions[name]!;
    if (of.styles.length > 0 && !of.styles.includes(plan.style)) return [];
    if (of.fitted && !fitted[of.fitted]) return [];
    const zones = [...plan.zones.keys()].filter((z) => of.zones.some((p) => matchesZone(z, p)));
    if (zones.length === 0) return [];
    if (!of.sided) return [{ id: name, of, zone: zones[0]!, record: null }];
    return zones.map((zone) => ({ id: `${name}.${sideAndEnd(zone)}`, of, zone, record: null }));
  });
}

/** Whether it is asked for: usual ones are, others once something was said of them. */
export const isAsked = (l: FunctionLine): boolean => l.of.usual || l.record !== null;

/** Slower than such a thing should be; null where no time was taken or none is known. */
export function isSlow({ of, record }: FunctionLine): boolean | null {
  const s = record?.body.seconds;
  return s === null || s === undefined || of.slowFromS === null ? null : s >= of.slowFromS;
}
