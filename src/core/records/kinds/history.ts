/** How a kind of record grew: its schema's number, which travels with every change and record of it. */
export interface KindHistory {
  /** Counts up whenever a field, or a value of one, comes in that programs before did not know. */
  readonly schema: number;
  /** In which number a field came in; fields not named here were there from the first. */
  readonly since?: Readonly<Record<string, number>>;
  /** What a body of an earlier number says in the words of this one; a body that needs nothing is given back as it is. */
  readonly older?: (body: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>;
}

export const FIRST: KindHistory = { schema: 1 };
