import type { Readable } from 'node:stream';

/** Where bytes live, by name. Every app server uses the same one; what it holds is written whole or not at all. */
export interface ObjectStore {
  put(key: string, bytes: Uint8Array): Promise<void>;
  /** Takes in a file of any size without holding it in memory; the file stays where it is. */
  putFile(key: string, file: string): Promise<void>;
  /** The bytes, or null when the store does not have them. */
  get(key: string): Promise<Buffer | null>;
  /** The bytes piece by piece, or null. */
  stream(key: string): Promise<Readable | null>;
  has(key: string): Promise<boolean>;
  remove(key: string): Promise<void>;
  /** Names under a prefix that ends with a slash. */
  list(prefix: string): Promise<string[]>;
  /** Names whose first letters are these and that nobody wrote since a moment. */
  listOld(start: string, before: Date): Promise<string[]>;
}

/** The store cannot take or give pictures now: `full` or `away`. Records are not touched by that. */
export class StoreTrouble extends Error {
  constructor(readonly why: 'full' | 'away') {
    super(why === 'full' ? 'the picture store is full' : 'the picture store cannot be reached');
  }
}
