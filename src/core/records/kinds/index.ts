import type { z } from 'zod';
import { carHistory, carSchema } from './car';
import { claimSchema } from './claim';
import { colourSchema } from './colour';
import { findingHistory, findingSchema } from './finding';
import { gapSchema } from './gap';
import { FIRST, type KindHistory } from './history';
import { lookSchema } from './look';
import { markSchema } from './mark';
import { photoSchema } from './photo';
import { readingHistory, readingSchema } from './reading';
import { shutSchema } from './shut';
import { stanceSchema } from './stance';
import { visitHistory, visitSchema } from './visit';
import { wavesSchema } from './waves';

/** Every kind of record with its schema. A new kind is one file and one line here. */
export const RECORD_SCHEMAS = {
  car: carSchema,
  visit: visitSchema,
  look: lookSchema,
  reading: readingSchema,
  finding: findingSchema,
  photo: photoSchema,
  claim: claimSchema,
  colour: colourSchema,
  mark: markSchema,
  waves: wavesSchema,
  gap: gapSchema,
  shut: shutSchema,
  stance: stanceSchema,
} as const;

/** How each kind grew. */
export const KIND_HISTORY: Readonly<Record<keyof typeof RECORD_SCHEMAS, KindHistory>> = {
  car: carHistory,
  visit: visitHistory,
  look: FIRST,
  reading: readingHistory,
  finding: findingHistory,
  photo: FIRST,
  claim: FIRST,
  colour: FIRST,
  mark: FIRST,
  waves: FIRST,
  gap: FIRST,
  shut: FIRST,
  stance: FIRST,
};

export type RecordKind = keyof typeof RECORD_SCHEMAS;
export const RECORD_KINDS = Object.keys(RECORD_SCHEMAS) as RecordKind[];

export type BodyOf<K extends RecordKind> = z.infer<(typeof RECORD_SCHEMAS)[K]>;

/** A record as it is held: its kind's fields under an id and a version that counts its changes. */
export interface StoredRecord<K extends RecordKind = RecordKind> {
  readonly id: string;
  readonly kind: K;
  readonly version: number;
  readonly body: BodyOf<K>;
}

export type AnyRecord = { [K in RecordKind]: StoredRecord<K> }[RecordKind];
