/** Wrong usage: exit 2, words on standard error. */
export class Usage extends Error {}

/** A refused input: exit 1, the reason as JSON. */
export class Refusal extends Error {
  constructor(
    readonly reason: string,
    readonly more: object = {},
  ) {
    super(reason);
  }
}
