import type { z } from 'zod';
import { KINDS } from './all';
import type { KindDefinition } from './kind';

export { KINDS };

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
