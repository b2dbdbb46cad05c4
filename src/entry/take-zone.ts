import { nearestZone } from '@/core/body/slugs';
import type { EntryContext, EntryProblem } from './context';
import { EVERY_TABLE, PART_TABLE, PLURAL_TABLE, SIDE_TABLE, zoneKey, zonesMeant } from './lexicon';
import type { TokenCursor } from './token-cursor';

export type Sided = 'left' | 'right' | 'driver' | 'passenger' | 'near' | 'off';

export function actualSide(side: Sided, { steering, kerb }: EntryContext): 'left' | 'right' {
  const other = (s: 'left' | 'right') => (s === 'left' ? 'right' : 'left');
  switch (side) {
    case 'driver':
      return steering;
    case 'passenger':
      return other(steering);
    case 'near':
      return kerb;
    case 'off':
      return other(kerb);
    default:
      return side;
  }
}

/** The zone that a person may have meant; of talk, which is asked nothing, none is looked for. */
const nearestTo = (said: string, { plan, talk }: EntryContext): string =>
  talk ? '' : nearestZone(said, plan.zones.keys());

export type ZoneFound =
  | {
      ok: true;
      zone: string | null;
      named: boolean;
      /** Every zone meant, where several were: "all doors", "both sills". */
      all?: readonly string[];
      /** Side words that the place does not have, and that say where on it: "hood … left". */
      beside: string;
    }
  | { ok: false; problem: EntryProblem };

const COMPOUND = SIDE_TABLE.filter(([words, { part }]) => words.length > 1 && part !== undefined);
/** Names of several words, by each of their words, with its place in them. */
const LONG_NAMES: ReadonlyMap<string, readonly (readonly [words: readonly string[], from: number])[]> = (() => {
  const names = new Map<string, (readonly [readonly string[], number])[]>();
  for (const [words] of PART_TABLE)
    if (words.length > 1)
      for (const [from, w] of words.entries()) names.set(w, [...(names.get(w) ?? []), [words, from]]);
  return names;
})();
/** Whether the word there is a part of a longer name. */
const namesMore = (line: TokenCursor, at: number): boolean =>
  (LONG_NAMES.get(line.left[at]!.text) ?? []).some(([words, from]) =>
    words.every((w, k) => line.left[at - from + k]?.text === w),
  );

interface ZoneOptions {
  /** Several places may be meant: "all doors". */
  readonly several?: boolean;
  /** In talk, a plural means all of them. */
  readonly plural?: boolean;
  /** The only places that can be meant. */
  readonly among?: (zone: string) => boolean;
}

/**
 * Takes the zone's words out of the line. A plural is a question, unless `several` may be meant and all or both are said.
 */
export function takeZone(
  line: TokenCursor,
  context: EntryContext,
  { several = false, plural: ofAll = false, among }: ZoneOptions = {},
): ZoneFound {
  const slug = line.rest().find((t) => t.kind === 'word' && context.plan.zones.has(t.text));
  // "deck lid" begins like a slug and is a name of its own.
  if (slug && !namesMore(line, line.left.indexOf(slug))) {
    line.left[line.left.indexOf(slug)] = null;
    return { ok: true, zone: slug.text, named: true, beside: '' };
  }
  const first = line.rest()[0];
  if (first && /^[a-z]+(\.[a-z]+)+$/.test(first.text)) {
    return {
      ok: false,
      problem: { kind: 'no-such-zone', nearest: nearestTo(first.text, context) },
    };
  }
  const every = several && line.has(PLURAL_TABLE) ? line.take(EVERY_TABLE) : null;
  // "Rear screen", "door glass": names that say their end before their part is looked for.
  const compound = line.take(COMPOUND)?.value ?? null;
  const plural = compound ? null : line.take(PLURAL_TABLE);
  let part = compound?.part ?? plural?.value ?? line.take(PART_TABLE)?.value ?? null;
  let side: 'left' | 'right' | null = null;
  let end: 'front' | 'rear' | null = null;
  const sideWords: string[] = [];
  // Driver and passenger sit in front, unless the rear is said.
  let atTheFront = false;
  for (let guard = 0; guard < 4; guard++) {
    if (part !== null && side !== null && end !== null) break;
    const found = line.take(SIDE_TABLE);
    if (!found) break;
    sideWords.push(...found.tokens.map((t) => t.raw));
    if (found.value.side === 'driver' || found.value.side === 'passenger') atTheFront = true;
    side = found.value.side ? actualSide(found.value.side, context) : side;
    end = found.value.end ?? end;
    part = part ?? found.value.part ?? null;
  }
  end ??= compound?.end ?? null;
  if (part === null) return sideOfTheZoneInHand(side, end, context);
  if (plural) return severalOf(part, side, end, every !== null || (ofAll && context.talk === true), context);
  const front = atTheFront && end === null ? settle(part, side, 'front', context, among) : null;
  const settled = front?.ok ? front : settle(part, side, end, context, among);
  if (settled.ok || side === null) return settled;
  // A place in the middle has no sides: they say where on it.
  const whole = zonesMeant(context.plan, { part, side: null, end: null }).filter((z) => zoneKey(z).side === null);
  return whole.length === 1 ? { ok: true, zone: whole[0]!, named: true, beside: sideWords.join(' ') } : settled;
}

/** What a plural means: the only one there is, all of them where that is said, else a question. */
function severalOf(
  part: string,
  side: 'left' | 'right' | null,
  end: 'front' | 'rear' | null,
  every: boolean,
  context: EntryContext,
): ZoneFound {
  const meant = zonesMeant(context.plan, { part, side, end });
  if (meant.length === 0) return settle(part, side, end, context);
  if (meant.length > 1 && !every) return { ok: false, problem: { kind: 'which-zone', candidates: meant } };
  return { ok: true, zone: meant[0]!, named: true, all: meant, beside: '' };
}

function sideOfTheZoneInHand(
  side: 'left' | 'right' | null,
  end: 'front' | 'rear' | null,
  context: EntryContext,
): ZoneFound {
  if (side === null && end === null) return { ok: true, zone: context.zone, named: false, beside: '' };
  if (context.zone === null) return { ok: false, problem: { kind: 'no-zone' } };
  const key = zoneKey(context.zone);
  return settle(key.part, side ?? key.side, end ?? key.end, context);
}

function settle(
  part: string,
  side: 'left' | 'right' | null,
  end: 'front' | 'rear' | null,
  context: EntryContext,
  among: (zone: string) => boolean = () => true,
): ZoneFound {
  let meant = zonesMeant(context.plan, { part, side, end }).filter(among);
  // "The seat" may be any of them, though the rear one has no sides.
  const whole = meant.filter((z) => zoneKey(z).side === null && (end !== null || zoneKey(z).end === null));
  if (side === null && whole.length > 0) meant = whole;
  const here = context.zone === null ? null : zoneKey(context.zone);
  const viewOf = (z: string | null) => (z === null ? null : context.plan.zones.get(z)?.view);
  // Standing at the left wing, "the door" is the left one; in the middle, or elsewhere than the doors, it may be either.
  if (
    meant.length > 1 &&
    here &&
    viewOf(meant[0]!) === viewOf(context.zone) &&
    (here.side !== null || meant.every((z) => zoneKey(z).side === null))
  ) {
    const near = meant.filter(
      (z) =>
        zoneKey(z).side === (side ?? here.side) &&
        (end !== null || here.end === null || zoneKey(z).end === null || zoneKey(z).end === here.end),
    );
    if (near.length === 1) meant = near;
  }
  if (meant.length > 1 && side === null && context.side) {
    const there = meant.filter((z) => zoneKey(z).side === context.side && zoneKey(z).end !== 'rear');
    if (there.length === 1) meant = there;
  }
  if (meant.length === 1) return { ok: true, zone: meant[0]!, named: true, beside: '' };
  if (meant.length > 1) return { ok: false, problem: { kind: 'which-zone', candidates: meant } };
  return {
    ok: false,
    problem: {
      kind: 'no-such-zone',
      nearest: nearestTo([part, side, end].filter(Boolean).join('.'), context),
    },
  };
}
