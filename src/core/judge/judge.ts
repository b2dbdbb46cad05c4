import type { Plan } from '../body/plan';
import type { Axis } from '../catalogue/axes';
import type { AnyRecord } from '../kinds';
import type { AnyModel, Ending, ExtraPart, Loss, PlannedCar, SomeCar } from '../model/model';
import { type Records, recordsOf } from '../records/reduce';
import { afterWork } from '../work/after';
import { askedRank } from './asked';
import {
  type Caution,
  type Gate,
  type Judged,
  type MissingKind,
  MODEL_NAMES,
  type ModelName,
  type ModelTables,
  modelOf,
} from './models';

/** A car as all models judge it: each is asked once, when first wanted. */
export type Judgement = PlannedCar & { readonly tables: ModelTables } & Judged;

interface Kept {
  readonly judged: unknown;
  /** What it rested on: the plan, its tables, the records of the kinds that it reads, the judgements that it needs. */
  readonly on: readonly unknown[];
}
/** What each judgement's models have said so far. */
const said = new WeakMap<object, Map<string, Kept>>();

const same = (a: readonly unknown[], b: readonly unknown[]) => a.length === b.length && a.every((v, i) => v === b[i]);

/** The numbers that a model judges by, out of all tables. */
const ownTables = ({ tables }: AnyModel, all: ModelTables) =>
  Object.fromEntries(Object.keys(tables).map((key) => [key, (all as Readonly<Record<string, unknown>>)[key]]));

/**
 * Judges a car whose plan is known by all models, each once and only when asked: `judge(…).fit`. Given the judgement of the
 * same car before a change, a model whose plan, tables, records and needs are the very same ones is not asked again. Pure;
 * refuses nothing: what was not entered is not judged.
 */
export function judge(
  given: { readonly plan: Plan; readonly records: Records | readonly AnyRecord[]; readonly tables: ModelTables },
  before: Judgement | null = null,
): Judgement {
  const { plan, tables } = given;
  const entered: readonly AnyRecord[] = Array.isArray(given.records)
    ? given.records
    : [...(given.records as Records).values()];
  // What was put right is judged no more.
  const records = afterWork(entered, plan);
  const car = recordsOf(records, 'car')[0]?.body ?? null;
  const planned: PlannedCar = { plan, records, car };
  const kept = new Map<string, Kept>();
  const earlier = before ? said.get(before) : undefined;
  const ask = (name: ModelName): unknown => {
    const held = kept.get(name);
    if (held) return held.judged;
    const model = modelOf(name);
    const needs = Object.fromEntries(
      Object.entries(model.needs ?? {}).map(([as, needed]) => [as, ask(nameOf(needed))]),
    );
    const own = ownTables(model, tables);
    const on = [
      plan,
      car,
      ...Object.values(own),
      ...Object.values(needs),
      ...model.reads.flatMap((kind) => [kind, ...recordsOf(records, kind)]),
    ];
    const again = earlier?.get(name);
    const judged = again && same(again.on, on) ? again.judged : model.judge(planned, own, needs);
    kept.set(name, { judged, on });
    return judged;
  };
  const judgement = { ...planned, tables } as Judgement;
  for (const name of MODEL_NAMES) Object.defineProperty(judgement, name, { enumerable: true, get: () => ask(name) });
  said.set(judgement, kept);
  return judgement;
}

/** Which models were asked of a judgement so far, each after those that it needs. */
export const askedOf = (judgement: Judgement): readonly ModelName[] => [
  ...((said.get(judgement)?.keys() ?? []) as Iterable<ModelName>),
];

const nameOf = (model: AnyModel): ModelName => {
  const name = MODEL_NAMES.find((n) => modelOf(n) === model);
  if (!name) throw new Error('a model needs one that is not registered');
  return name;
};

/** Each model that has something of the kind to say, with its judgement and its own numbers; others are not asked to judge. */
function* each(
  judgement: Judgement,
  says: 'losses' | 'parts' | 'original' | 'endings' | 'gates' | 'cautions',
): Generator<{ model: AnyModel; judged: unknown; tables: Record<string, unknown> }> {
  for (const name of MODEL_NAMES) {
    const model = modelOf(name);
    if (model[says]) yield { model, judged: judgement[name], tables: ownTables(model, judgement.tables) };
  }
}

/** What the condition of places loses, by all models. */
export function lossesOf(judgement: Judgement): Loss[] {
  return [...each(judgement, 'losses')].flatMap(({ model, judged, tables }) => model.losses?.(judged, tables) ?? []);
}

/** Parts of axes beside the zone × aspect cells, by all models. */
export function extraPartsOf(judgement: Judgement): ExtraPart[] {
  return [...each(judgement, 'parts')].flatMap(
    ({ model, judged, tables }) => model.parts?.(judged, tables, judgement) ?? [],
  );
}

/** Chance that each zone's finish is the works', by the models that tell. */
export function originalOf(judgement: Judgement): ReadonlyMap<string, number> {
  return new Map(
    [...each(judgement, 'original')].flatMap(({ model, judged }) => [...(model.original?.(judged) ?? [])]),
  );
}

/** What ends the use of the car, by all models. */
export function endingsOf(judgement: Judgement): Ending[] {
  return [...each(judgement, 'endings')].flatMap(({ model, judged }) => model.endings?.(judged) ?? []);
}

/** A gate that is shut: what it caps and at how much. */
export interface ShutGate {
  readonly gate: Gate;
  readonly caps: 'whole' | Axis;
  readonly at: number;
}

/** The gates that are shut: those of the whole first, then by how low they cap. */
export function shutGates(judgement: Judgement): ShutGate[] {
  const shut = [...each(judgement, 'gates')].flatMap(({ model, judged, tables }) =>
    Object.entries(model.gates ?? {}).flatMap(([gate, g]) =>
      g.shut(judged) ? [{ gate: gate as Gate, caps: g.caps, at: g.at(tables) }] : [],
    ),
  );
  return shut.sort((a, b) => Number(b.caps === 'whole') - Number(a.caps === 'whole') || a.at - b.at);
}

/** Which cautions belong in this car's report, most pressing first. They remind; they replace no licensed person. */
export function cautionsOf(judgement: Judgement): Caution[] {
  return [...each(judgement, 'cautions')]
    .flatMap(({ model, judged }) =>
      Object.entries(model.cautions ?? {}).flatMap(([caution, c]) =>
        c.when(judged, judgement) ? [{ caution: caution as Caution, rank: c.rank }] : [],
      ),
    )
    .sort((a, b) => a.rank - b.rank)
    .map((c) => c.caution);
}

/** Something a bidder would ask and the report does not yet answer. `blocks`: the report cannot be sealed so. */
export interface Missing {
  readonly kind: MissingKind;
  readonly blocks: boolean;
  readonly detail: string;
  readonly count: number;
}

/** What is missing before the report goes out, blocking ones first, then what bidders would ask first. The judgement is null where the car has no plan. */
export function missingFrom(judgement: Judgement | null, records: readonly AnyRecord[]): Missing[] {
  const car = recordsOf(records, 'car')[0]?.body ?? null;
  const some: SomeCar = judgement ?? { plan: null, records, car };
  return MODEL_NAMES.flatMap((name) =>
    Object.entries(modelOf(name).missing ?? {}).flatMap(([kind, lack]) =>
      lack(judgement?.[name] ?? null, some).map(({ count, detail = '', blocks = false }) => ({
        kind: kind as MissingKind,
        blocks,
        detail,
        count,
      })),
    ),
  ).sort((a, b) => Number(b.blocks) - Number(a.blocks) || askedRank(b.kind) - askedRank(a.kind));
}
