/**
 * A pure function that keeps what it said of the last `most` inputs, told apart by `keyOf`: the same object is given again for
 * the same input, so that what was reckoned from it can be kept with it (`keptWith`).
 */
export function remembered<A extends readonly unknown[], R>(
  of: (...given: A) => R,
  keyOf: (...given: A) => string,
  most: number,
): (...given: A) => R {
  const said = new Map<string, R>();
  return (...given) => {
    const key = keyOf(...given);
    const answer = said.has(key) ? (said.get(key) as R) : of(...given);
    // What was asked last goes last: the first is the one that was asked longest ago.
    said.delete(key);
    said.set(key, answer);
    if (said.size > most) said.delete(said.keys().next().value!);
    return answer;
  };
}

/** Answers kept with one object: for a school or two with the cuts of its bands, not for every table that was ever tried. */
const KEPT_WITH_ONE = 12;

/**
 * A pure function of an object and of values beside it that keeps its last answers for as long as the object is there;
 * values are the same where they are identical.
 */
export function keptWith<O extends object, A extends readonly unknown[], R>(
  of: (object: O, ...given: A) => R,
): (object: O, ...given: A) => R {
  const said = new WeakMap<O, { readonly given: A; readonly answer: R }[]>();
  return (object, ...given) => {
    let own = said.get(object);
    if (!own) {
      own = [];
      said.set(object, own);
    }
    const held = own.find((s) => s.given.every((v, i) => v === given[i]));
    if (held) return held.answer;
    const answer = of(object, ...given);
    own.push({ given, answer });
    if (own.length > KEPT_WITH_ONE) own.shift();
    return answer;
  };
}
