import { bright } from '../bright/model';
import { circumstances } from '../circumstances/model';
import { claims } from '../claims/model';
import { colours } from '../colour/model';
import { coverage } from '../coverage/model';
import { findings } from '../findings/model';
import { fit } from '../fit/model';
import { fluids } from '../fluids/model';
import { functions } from '../functions/model';
import { identity } from '../identity/model';
import { leaks } from '../leaks/model';
import { mechanical } from '../mechanical/model';
import { metal } from '../metal/model';
import type { AnyModel, JudgedBy } from '../model/model';
import type { TableSet, TablesOf } from '../model/table';
import { paint } from '../paint/model';
import { running } from '../running/model';
import { waves } from '../waves/model';
import { wheels } from '../wheels/model';

/** Every model by which a car is judged. A new one is a file in its chapter and a word here (docs/how-to/add-a-model.md). */
export const MODELS = {
  circumstances,
  coverage,
  findings,
  paint,
  fit,
  waves,
  colours,
  metal,
  bright,
  wheels,
  functions,
  fluids,
  leaks,
  mechanical,
  running,
  identity,
  claims,
} as const;
export type ModelName = keyof typeof MODELS;
export const MODEL_NAMES = Object.keys(MODELS) as ModelName[];
export const modelOf = (name: ModelName): AnyModel => MODELS[name] as unknown as AnyModel;

type KeysOf<P extends 'gates' | 'cautions' | 'missing'> = {
  [M in ModelName]: (typeof MODELS)[M] extends { readonly [Q in P]?: infer D } ? keyof NonNullable<D> & string : never;
}[ModelName];

/** What holds a grade down, what a report reminds of and what it lacks, as the models name them. */
export type Gate = KeysOf<'gates'>;
export type Caution = KeysOf<'cautions'>;
export type MissingKind = KeysOf<'missing'>;

const all = <K extends string>(of: (m: AnyModel) => object | undefined) =>
  MODEL_NAMES.flatMap((n) => Object.keys(of(modelOf(n)) ?? {})) as K[];
export const GATES = all<Gate>((m) => m.gates);
export const CAUTIONS = all<Caution>((m) => m.cautions);
export const MISSING_KINDS = all<MissingKind>((m) => m.missing);

/** What each model says of a car. */
export type Judged = { readonly [M in ModelName]: JudgedBy<(typeof MODELS)[M]> };

type UnionToIntersection<U> = (U extends unknown ? (u: U) => void : never) extends (i: infer I) => void ? I : never;
type ModelTableDefinitions = UnionToIntersection<(typeof MODELS)[ModelName]['tables']>;

/** The tables of all models. */
export const MODEL_TABLES = Object.assign({}, ...MODEL_NAMES.map((n) => MODELS[n].tables)) as ModelTableDefinitions &
  TableSet;
export type ModelTables = TablesOf<ModelTableDefinitions>;
