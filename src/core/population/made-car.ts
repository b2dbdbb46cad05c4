import type { Plan } from '../body/plan';
import { partOf, type Zone } from '../body/zone';
import type { PaintState } from '../paint/profiles';
import { normalDraw, type Random } from '../stats/random';
import { FACTORS, type Factor, HISTORY, INCIDENCE, type Incidence } from './incidence';

/** Something found on a made car. */
export interface MadeFinding {
  readonly zone: string;
  readonly flaw: string;
  readonly count: number;
  readonly sizeMm: number | null;
  readonly share: number | null;
  readonly where: string;
}

/** A car as it might come to a sale: what there is to find, and what its panels' paint is. */
export interface MadeCar {
  readonly ageYears: number;
  readonly findings: readonly MadeFinding[];
  readonly panels: ReadonlyMap<string, PaintState>;
}

const logit = (p: number) => Math.log(p / (1 - p));
const chance = (odds: number) => 1 / (1 + Math.exp(-odds));

/** One of several, by their shares. */
function pick<T extends { readonly share: number }>(random: Random, of: readonly T[]): T {
  let left = random();
  for (const o of of) {
    left -= o.share;
    if (left < 0) return o;
  }
  return of[of.length - 1]!;
}

/** What a car is like beside its age, on the scale of log-odds; `keptIn`: where it was kept, by its place among those there are. */
function factorsOf(random: Random, keptIn: number | null): Record<Factor, number> {
  const { spread, together, kept, used } = HISTORY;
  const common = normalDraw(random);
  const drawn = pick(random, kept);
  const storage = keptIn === null ? drawn : kept[keptIn]!;
  const life = pick(random, used);
  const shift: Partial<Record<Factor, number>> = { rust: storage.rust, use: life.use, upkeep: life.upkeep };
  return Object.fromEntries(
    FACTORS.map((f) => [
      f,
      (shift[f] ?? 0) + spread[f] * (Math.sqrt(together) * common + Math.sqrt(1 - together) * normalDraw(random)),
    ]),
  ) as Record<Factor, number>;
}

const fitsRow = (row: Incidence, zone: Zone) => {
  const part = partOf(zone.slug);
  return (
    zone.aspects.includes(row.aspect) &&
    (row.view === undefined || row.view === zone.view) &&
    (row.parts === undefined || row.parts.includes(part)) &&
    !row.except?.includes(part)
  );
};

const ROWS = new WeakMap<Plan, readonly (readonly [Incidence, readonly Zone[]])[]>();
function rowsOf(plan: Plan) {
  let rows = ROWS.get(plan);
  if (!rows) {
    const zones = [...plan.zones.values()];
    rows = INCIDENCE.map((row) => [row, zones.filter((z) => fitsRow(row, z))] as const);
    ROWS.set(plan, rows);
  }
  return rows;
}

const around = (random: Random, [median, sd]: readonly [number, number]) => median * Math.exp(sd * normalDraw(random));

function found(random: Random, row: Incidence, zone: string): MadeFinding {
  const [from, to] = row.count ?? [1, 1];
  return {
    zone,
    flaw: row.flaw,
    // Few are commoner than many.
    count: Math.round(from + (to - from) * random() ** 2),
    sizeMm: row.sizeMm ? Math.min(3000, around(random, row.sizeMm)) : null,
    share: row.share ? Math.min(1, around(random, row.share)) : null,
    where: row.where ?? '',
  };
}

function panelsOf(random: Random, plan: Plan, resprayed: boolean): Map<string, PaintState> {
  const shares = HISTORY.panels[resprayed ? 'resprayed' : 'left'];
  const states = Object.entries(shares).map(([state, share]) => ({ state: state as PaintState, share }));
  return new Map(
    [...plan.zones.values()]
      .filter((z) => z.view === 'outside' && z.aspects.includes('paint'))
      .map((z) => [z.slug, pick(random, states).state]),
  );
}

/** Makes one car of an age on a plan, kept anywhere or in one of the places of HISTORY. Same source of numbers, same car. */
export function makeCar(random: Random, plan: Plan, ageYears: number, keptIn: number | null = null): MadeCar {
  const older = Math.log(ageYears / 50);
  const has = (at: { at50: number; withAge: number }) => random() < chance(logit(at.at50) + at.withAge * older);
  const factors = factorsOf(random, keptIn);
  const rarer = has(HISTORY.restored) ? HISTORY.restored.rarer : 0;
  const panels = panelsOf(random, plan, rarer > 0 || has(HISTORY.resprayed));
  const findings: MadeFinding[] = [];
  for (const [row, zones] of rowsOf(plan)) {
    const odds = logit(row.at50) + row.withAge * older + factors[row.by] - rarer;
    const all = row.alike ? random() : null;
    for (const zone of zones) {
      const painted = (panels.get(zone.slug) ?? 'factory') !== 'factory';
      const often = chance(odds + (painted && row.repainted ? Math.log(row.repainted) : 0));
      if ((all ?? random()) < often) findings.push(found(random, row, zone.slug));
    }
  }
  return { ageYears, findings, panels };
}
