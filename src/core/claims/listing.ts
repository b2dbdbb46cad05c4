import { isCarried } from '../balance/weigh';
import type { AnyRecord } from '../kinds';
import type { JudgedBy } from '../model/model';
import type { ClaimKind } from './claim-table';
import type { claims, WeighedClaim } from './model';
import { type SaidClaim, splitClaims } from './split';

/** What a word of a listing is against what was found. */
export const LISTING_VERDICTS = ['contradicted', 'unsupported', 'supported', 'wider'] as const;
export type ListingVerdict = (typeof LISTING_VERDICTS)[number];

/** Words of a listing that claim something: from where to where in the text, counted in UTF-16 units. */
export interface ListingWords {
  readonly from: number;
  readonly to: number;
  readonly text: string;
  readonly claim: ClaimKind | 'condition';
  readonly verdict: ListingVerdict;
  /** The claim as it was weighed; null of words about the whole condition. */
  readonly weighed: WeighedClaim | null;
}

/** Words that say that nothing is wrong with the car. */
const ABSOLUTE =
  /\b(?:mint|flawless|immaculate|faultless|perfect(?:ion)?|pristine|like\s+new|as\s+new|showroom\s+condition|100\s*%|without\s+fault|needs\s+nothing|wants\s+for\s+nothing|all\s+original|fully\s+original|completely\s+original|totally\s+original)(?![a-z])/gi;
const ORIGINAL = /original/i;
/** That nothing was found of the whole car: true of a car without findings as far as it was looked at, and of no other. */
const NOTHING_FOUND =
  /\b(?:nothing(?:\s+at\s+all)?|no\s+(?:faults?|defects?|flaws?|damage))\s+(?:was|were)\s+found\b(?:\s+in\s+what\s+was\s+looked\s+at|(?!\s+(?:of|on|at|under|behind|inside|in)\b))/gi;
/** Words that leave no rust at all: rust on the surface is against them too. */
const WITHOUT_RUST =
  /\brust[- ]?free\b|\bfree\s+(?:of|from)\s+(?:any\s+)?(?:rust|corrosion)\b|\b(?:no|zero|without)\s+(?:any\s+)?(?:rust|corrosion)\b|\bnot\s+a\s+(?:spot|trace|speck)\s+of\s+(?:rust|corrosion)\b|\bnever\s+(?:any|had)\s+(?:any\s+)?(?:rust|corrosion)\b/i;
/** Denied or only wished for: nothing is claimed by it. */
const NOT_MEANT = /\b(?:not|never|no|far\s+from|less\s+than|could\s+be|nearly|almost|isn['’]t)\s+(?:\w+\s+)?$/i;

/** A verdict by how a claim was weighed: wider where it is carried as far as was looked, and no further. */
export function listingVerdict(c: Pick<WeighedClaim, 'word' | 'narrow'>): ListingVerdict {
  if (c.word === 'contradicted') return 'contradicted';
  if (c.narrow) return 'wider';
  return isCarried(c.word) ? 'supported' : 'unsupported';
}

interface Spot {
  readonly from: number;
  readonly to: number;
}

/** Where a claim's words stand, each its own place where the same are said twice. */
function spotOf(text: string, said: SaidClaim, taken: readonly Spot[]): Spot | null {
  for (let from = text.indexOf(said.text); from >= 0; from = text.indexOf(said.text, from + 1)) {
    const spot = { from, to: from + said.text.length };
    if (!taken.some((t) => t.from === spot.from && t.to === spot.to)) return spot;
  }
  return null;
}

/** How the whole car stands against words that leave nothing wrong with it. */
export interface WholeCar {
  readonly findings: number;
  /** Share of places and aspects that was seen. */
  readonly seen: number;
  /** Parts that are not the works'. */
  readonly otherParts: number;
  /** Findings of rust, of whatever stage. */
  readonly rust: number;
}

/** Words about the whole condition: no single claim is weighed for them. */
const ofCondition = ({ index: from, 0: text }: RegExpExecArray, verdict: ListingVerdict): ListingWords => ({
  from,
  to: from + text.length,
  text,
  claim: 'condition',
  verdict,
  weighed: null,
});

/**
 * The absolute words and claims of a text against what was found of the car. `weigh` weighs a claim as if the seller had made
 * it. Words of the whole condition are never supported: no look carries them. In the order of the text.
 */
export function checkListing(
  text: string,
  weigh: (said: SaidClaim) => WeighedClaim,
  whole: WholeCar,
): readonly ListingWords[] {
  const taken: Spot[] = [];
  const claimed = splitClaims(text).flatMap((said): ListingWords[] => {
    const spot = spotOf(text, said, taken);
    if (!spot) return [];
    taken.push(spot);
    const weighed = weigh(said);
    const rusty = said.kind === 'no-rust' && whole.rust > 0 && WITHOUT_RUST.test(said.text);
    const verdict = rusty ? 'contradicted' : listingVerdict(weighed);
    return [{ ...spot, text: said.text, claim: said.kind, verdict, weighed }];
  });
  const absolute = [...text.matchAll(ABSOLUTE)].flatMap((m): ListingWords[] => {
    const to = m.index + m[0].length;
    if (NOT_MEANT.test(text.slice(0, m.index)) || claimed.some((c) => c.from <= m.index && c.to >= to)) return [];
    const against = ORIGINAL.test(m[0]) ? whole.otherParts : whole.findings;
    return [ofCondition(m, against > 0 ? 'contradicted' : whole.seen < 1 ? 'wider' : 'unsupported')];
  });
  const untrue = whole.findings === 0 ? [] : [...text.matchAll(NOTHING_FOUND)];
  const nothing = untrue.map((m) => ofCondition(m, 'contradicted'));
  return [...claimed, ...absolute, ...nothing].sort((a, b) => a.from - b.from || a.to - b.to);
}

/** A claim that was said in a text, as a record beside those of the car: to be weighed, never to be kept. */
export const claimRecord = (said: SaidClaim, i: number): AnyRecord =>
  ({
    id: `00000000-0000-7000-8000-${String(i).padStart(12, '0')}`,
    kind: 'claim',
    version: 1,
    body: { kind: said.kind, text: said.text, source: 'listing', saidAt: '1970-01-01T00:00:00Z' },
  }) as AnyRecord;

/** The weighed claim of a said one, out of a judgement of the car with such a record beside its own. */
export const weighedOf = (judged: JudgedBy<typeof claims>, record: Pick<AnyRecord, 'id'>): WeighedClaim =>
  judged.all.find((c) => c.record.id === record.id)!;
