import type { Plan } from '../body/plan';
import type { Aspect, Need } from '../body/zone';
import type { Axis } from '../catalogue/axes';
import type { Sort } from '../catalogue/flaws/flaw';
import type { AnyRecord, BodyOf, RecordKind } from '../kinds';
import type { TableSet, TablesOf } from './table';

/** A car whose plan is known, with what was entered of it. */
export interface PlannedCar {
  readonly plan: Plan;
  readonly records: readonly AnyRecord[];
  readonly car: BodyOf<'car'> | null;
}

/**
 * What a place has lost: the share of redoing its aspect that putting this right takes, 0 to 1, the finding that is to blame
 * where one is, and what makes schools disagree about it.
 */
export interface Loss {
  readonly zone: string;
  readonly aspect: Aspect;
  readonly share: number;
  readonly finding?: string;
  readonly sort?: Sort;
  /** What it is told as where no finding says it; its aspect where nothing is said here. */
  readonly as?: string;
}

/** A part of an axis beside the zone × aspect cells: what it weighs, as a share of redoing an aspect there, and what it lost. */
export interface ExtraPart {
  readonly zone: string;
  /** What it is of, for telling parts apart. */
  readonly of: string;
  readonly axis: Axis;
  readonly like: Aspect;
  readonly weight: number;
  /** Share lost, 0 to 1; null: not seen, so that it is as on cars of its age. */
  readonly share: number | null;
  readonly sort?: Sort;
}

/** Something without which a car cannot be used, and the findings that say so. */
export interface Ending {
  readonly need: Need;
  readonly findings: readonly string[];
}

/** Something that holds a grade down whatever else is good. */
export interface GateDefinition<J, T> {
  readonly caps: 'whole' | Axis;
  at(tables: T): number;
  shut(judged: J): boolean;
}

/** A reminder that belongs in the report; the lower its rank, the more pressing. */
export interface CautionDefinition<J> {
  readonly rank: number;
  when(judged: J, car: PlannedCar): boolean;
}

/** Something a bidder would ask and nothing yet answers: how often, for example where, and whether it blocks the seal. */
export interface Lack {
  readonly count: number;
  readonly detail?: string;
  readonly blocks?: boolean;
}

/** What was entered of a car whose plan may not be known yet. */
export type SomeCar = Omit<PlannedCar, 'plan'> & { readonly plan: Plan | null };

/** What is missing; empty where nothing is. The judgement is null where the car has no plan. */
export type LackOf<J> = { lack(judged: J | null, car: SomeCar): readonly Lack[] }['lack'];

/** One lack where there is any, by how many. */
export const lacking = (count: number, more: Omit<Lack, 'count'> = {}): readonly Lack[] =>
  count > 0 ? [{ count, ...more }] : [];
/** One lack where something is so. */
export const lackingIf = (so: boolean, more: Omit<Lack, 'count'> = {}): readonly Lack[] => lacking(so ? 1 : 0, more);

type Values = Readonly<Record<string, unknown>>;

/** A model of any kind, as the machinery sees it. */
export interface AnyModel {
  readonly reads: readonly RecordKind[];
  readonly needs?: Readonly<Record<string, AnyModel>>;
  readonly tables: TableSet;
  judge(car: PlannedCar, tables: Values, needs: Values): unknown;
  losses?(judged: unknown, tables: Values): readonly Loss[];
  parts?(judged: unknown, tables: Values, car: PlannedCar): readonly ExtraPart[];
  original?(judged: unknown): ReadonlyMap<string, number>;
  endings?(judged: unknown): readonly Ending[];
  readonly gates?: Readonly<Record<string, GateDefinition<unknown, Values>>>;
  readonly cautions?: Readonly<Record<string, CautionDefinition<unknown>>>;
  readonly missing?: Readonly<Record<string, LackOf<unknown>>>;
}

/** What a model says of a car. */
export type JudgedBy<M> = M extends { judge(...given: never[]): infer J } ? J : never;
type JudgedOf<N> = { readonly [K in keyof N]: JudgedBy<N[K]> };

/**
 * A model: what it reads, the numbers it judges by, its judgement of a car, and what follows from that for the grade, the
 * seal and the report. Pure; registered in judge/models.ts.
 */
export interface Model<J, TD extends TableSet, ND, G extends string, C extends string, L extends string> {
  /** Kinds of records on which its judgement rests; the plan and the car's record are always among them. */
  readonly reads: readonly RecordKind[];
  /** Models whose judgements it rests on, by the names under which it is given them. */
  readonly needs?: ND;
  readonly tables: TD;
  judge(car: PlannedCar, tables: TablesOf<TD>, needs: JudgedOf<ND>): J;
  losses?(judged: J, tables: TablesOf<TD>): readonly Loss[];
  parts?(judged: J, tables: TablesOf<TD>, car: PlannedCar): readonly ExtraPart[];
  /** Chance that a zone's finish is the works', where it tells. */
  original?(judged: J): ReadonlyMap<string, number>;
  /** What ends the use of the car. */
  endings?(judged: J): readonly Ending[];
  readonly gates?: { readonly [K in G]: GateDefinition<J, TablesOf<TD>> };
  readonly cautions?: { readonly [K in C]: CautionDefinition<J> };
  /** What a bidder would ask and nothing answers, by name. */
  readonly missing?: { readonly [K in L]: LackOf<J> };
}

/** A model's definition with its types taken from what it says. */
export const defineModel = <
  J,
  TD extends TableSet,
  ND extends Readonly<Record<string, AnyModel>> = Readonly<Record<never, never>>,
  G extends string = never,
  C extends string = never,
  L extends string = never,
>(
  model: Model<J, TD, ND, G, C, L>,
): Model<J, TD, ND, G, C, L> => model;
