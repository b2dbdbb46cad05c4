import type { z } from 'zod';
import type { Plan } from '../body/plan';
import type { Aspect } from '../body/zone';
import type { Ability } from '../people/roles';
import type { Evidence } from './common';

/** How a kind of record grew: its schema's number, which travels with every change and record of it. */
export interface KindHistory {
  /** Counts up whenever a field, or a value of one, comes in that programs before did not know. */
  readonly schema: number;
  /** In which number a field came in; fields not named here were there from the first. */
  readonly since?: Readonly<Record<string, number>>;
  /** What a body of an earlier number says in the words of this one; a body that needs nothing is given back as it is. */
  readonly older?: (body: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>;
}

/** Fields of a record that name something on the car's plan, and are checked against it. */
export type Anchor = 'zone' | 'seam';

type Shape = z.ZodObject<z.ZodRawShape>;

/**
 * One kind of record: everything that the machinery of records, the gateway, the coverage, bundles and reports need to know of
 * it. The words for it are in `src/words/kinds/`.
 */
export interface KindDefinition<S extends Shape = Shape> {
  readonly schema: S;
  /** What it lies on: a zone, a seam, either (a picture), or nothing but the car. */
  readonly on: readonly Anchor[];
  /** Whether an inspection holds one of it at most. */
  readonly single?: true;
  /** Records of pictures that it names. */
  readonly pictures?: (body: z.infer<S>) => readonly string[];
  /** The zone × aspect that it makes seen: what was measured was looked at. */
  readonly sees?: (body: z.infer<S>, plan: Plan) => readonly (readonly [zone: string, aspect: Aspect])[];
  /** SHA-256 of the stored file that it describes. */
  readonly file?: (body: z.infer<S>) => string;
  /** What else makes a body unfit for any car, beyond its schema; null when nothing does. */
  readonly problem?: (
    body: z.infer<S>,
  ) => { readonly reason: 'unknown-style'; readonly path: string; readonly message: string } | null;
  readonly history?: KindHistory;
  /** How it is known, where its body does not say so itself; seen, where neither does. */
  readonly known?: Evidence;
  /** Whose it is to enter; records, where nothing is said. */
  readonly by?: Ability;
  /** First version of a bundle that holds it. */
  readonly since: number;
}

/** A kind's definition, with its body's type taken from the schema. */
export const defineKind = <S extends Shape>(definition: KindDefinition<S>): KindDefinition<S> => definition;
