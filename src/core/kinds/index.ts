import type { z } from 'zod';
import { car } from './car';
import { claim } from './claim';
import { colour } from './colour';
import { finding } from './finding';
import { gap } from './gap';
import type { KindDefinition } from './kind';
import { look } from './look';
import { mark } from './mark';
import { photo } from './photo';
import { reading } from './reading';
import { shut } from './shut';
import { stance } from './stance';
import { visit } from './visit';
import { waves } from './waves';

/** Every kind of record. A new one is a file beside this and a word here (docs/how-to/add-a-record-kind.md). */
export const KINDS = {
  car,
  visit,
  look,
  reading,
  finding,
  photo,
  claim,
  colour,
  mark,
  waves,
  gap,
  shut,
  stance,
} as const;

export type RecordKind = keyof typeof KINDS;
export const RECORD_KINDS = Object.keys(KINDS) as RecordKind[];

export type BodyOf<K extends RecordKind> = z.infer<(typeof KINDS)[K]['schema']>;

/** A record as it is held: its kind's fields under an id and a version that counts its changes. */
export interface StoredRecord<K extends RecordKind = RecordKind> {
  readonly id: string;
  readonly kind: K;
  readonly version: number;
  readonly body: BodyOf<K>;
}

export type AnyRecord = { [K in RecordKind]: StoredRecord<K> }[RecordKind];

/** A kind's definition as the machinery reads it, which asks none by name. */
export const kindOf = (kind: RecordKind): KindDefinition => KINDS[kind] as unknown as KindDefinition;

/** The number of a kind's schema as this program writes it. */
export const schemaNumber = (kind: RecordKind): number => kindOf(kind).history?.schema ?? 1;
