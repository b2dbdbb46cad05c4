import { partOf } from '../body/zone';
import { namesAPart } from '../catalogue/flaws/names-a-part';
import { aspectOf } from '../coverage/coverage';
import type { CostTable, Decision } from '../work/cost-table';
import { anewRowOf, extentOf, takesOf } from '../work/effort';
import { sizeOf } from '../work/extent';
import { shareOf } from '../work/share';
import type { WorkTable } from '../work/work-table';
import { type Precondition, REASONS, REMEDY_RULES, type Reason, type RemedyRule } from './remedy-rows';
import type { Thing } from './thing';

/** What is known of the car that remedies depend on, by zone. */
export interface Around {
  /** Chance that the finish is the works'. */
  readonly original: ReadonlyMap<string, number>;
  /** Median film, µm, where it was measured. */
  readonly filmUm: ReadonlyMap<string, number>;
  /** Panels whose paint is past keeping. */
  readonly spent: ReadonlySet<string>;
  /** Panels whose paint is open: cracked, peeling, blistered. */
  readonly open: ReadonlySet<string>;
  readonly work: WorkTable;
  readonly cost: CostTable;
}

/** A remedy of a thing: how much of that work it is, and what speaks against it. */
export interface Option {
  readonly remedy: Decision;
  readonly times: number;
  readonly against: readonly Reason[];
}
export interface Options {
  readonly thing: Thing;
  /** Leaving it and saying so is always among them. */
  readonly options: readonly Option[];
  /** What is chosen where nobody decides: the first that fits, else leaving it. */
  readonly rule: Decision;
}

const HOLDS: {
  readonly [R in Reason]: (limit: NonNullable<Precondition[R]>, thing: Thing, around: Around) => boolean;
} = {
  upToMm: (limit, { finding }) => !finding || (sizeOf(finding) ?? 0) <= limit,
  upToShare: (limit, { finding }) => !finding || (shareOf(finding) ?? 0) <= limit,
  upToCount: (limit, { finding }) => (finding?.count ?? 1) <= limit,
  sparesFactoryPaint: (_yes, { zone }, { original, spent, cost }) =>
    (original.get(zone.slug) ?? 0) < cost.factoryFrom || spent.has(zone.slug),
  wholePaint: (_yes, { zone }, { open }) => !open.has(zone.slug),
  fromFilmUm: (limit, { zone }, { filmUm }) => (filmUm.get(zone.slug) ?? limit) >= limit,
  noLoad: (_yes, { zone }) => !zone.structural,
  notOf: (parts, { zone }) => !parts.includes(partOf(zone.slug)),
};

const against = (when: Precondition | undefined, thing: Thing, around: Around): readonly Reason[] =>
  REASONS.filter((r) => {
    const limit = when?.[r];
    return limit !== undefined && !(HOLDS[r] as (l: unknown, t: Thing, a: Around) => boolean)(limit, thing, around);
  });

/** Paint is put on where paint belongs. */
const PAINT_WORK: ReadonlySet<Decision> = new Set<Decision>(['spot', 'refinish', 'strip-refinish']);

/** What a row of the rules is for a thing: the work itself and how often; null where there is none at such a place. */
function workOf(rule: RemedyRule, thing: Thing, { work }: Around): { remedy: Decision; times: number } | null {
  const { finding, zone } = thing;
  if (!finding) return null;
  const anew = () => {
    const usual = aspectOf(finding.flaw, zone);
    // Chrome that is dented is straightened and plated again, not painted.
    const aspect = usual === 'shape' && zone.aspects.includes('brightwork') ? 'brightwork' : usual;
    const row = aspect && anewRowOf(zone, aspect, work);
    return row ? { remedy: row.remedy, times: (row.times + row.perM2 * zone.areaM2) * (rule.times ?? 1) } : null;
  };
  if (rule.remedy === 'anew') return anew();
  if (rule.remedy === 'own') {
    const takes = takesOf(finding);
    return takes.remedy === 'anew'
      ? anew()
      : { remedy: takes.remedy, times: takes.times * extentOf(finding, takes.grows, work) };
  }
  if (rule.remedy === 'leave') return { remedy: 'leave', times: 0 };
  return { remedy: rule.remedy, times: (rule.times ?? 1) * extentOf(finding, rule.grows ?? 'once', work) };
}

function speaksOf({ flaws, families, at = {} }: RemedyRule, { of, family, zone, finding }: Thing): boolean {
  if (!flaws?.includes(of) && !families?.includes(family)) return false;
  const part = partOf(zone.slug);
  if (at.named && !namesAPart(finding?.where ?? '')) return false;
  return (at.parts?.includes(part) ?? true) && !at.notParts?.includes(part);
}

/**
 * The remedies of a thing, the gentlest first, each with what speaks against it, and what is chosen by rule. Factory paint
 * is not painted over while it can be kept: then the rule is what leaves it, or to leave the fault and say so.
 */
export function optionsOf(thing: Thing, around: Around): Options {
  const leave: Option = { remedy: 'leave', times: 0, against: [] };
  if (thing.remedy !== null) {
    const own = { remedy: thing.remedy, times: thing.times, against: [] };
    return { thing, options: [own, leave], rule: thing.livedWith ? 'leave' : own.remedy };
  }
  const options: Option[] = [];
  for (const rule of REMEDY_RULES) {
    if (!speaksOf(rule, thing)) continue;
    const found = workOf(rule, thing, around);
    if (!found || (PAINT_WORK.has(found.remedy) && !thing.zone.aspects.includes('paint'))) continue;
    const reasons = against(rule.when, thing, around);
    // Redoing a place or its usual remedy may be work that another row has already spoken against.
    const held = options.find((o) => o.remedy === found.remedy);
    if (!held) options.push({ ...found, against: reasons });
  }
  if (!options.some((o) => o.remedy === 'leave')) options.push(leave);
  return { thing, options, rule: options.find((o) => o.against.length === 0)?.remedy ?? 'leave' };
}
