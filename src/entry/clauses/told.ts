import type { ClaimKind } from '@/core/claims/claim-table';
import { splitClaims } from '@/core/claims/split';
import { CLAIM_WORDS, term } from '@/words/terms';
import { defineClause } from '../clause';
import { type Entry, refused } from '../context';

interface ToldItem {
  readonly kind: 'told';
  readonly claim: ClaimKind;
  readonly text: string;
}

/** Whose word it is; what follows is theirs, not the inspector's. */
const LEAD =
  /^\W*(?:(?:and|so|but|now|well)\s+)?(?:(?:the\s+|its\s+|this\s+|current\s+|previous\s+|last\s+|old\s+)*(?:owner|seller|consignor|trustee|family|vendor|dealer)(?:\s+(?:here|himself|herself))?\s+(?:says?|said|told\s+(?:me|us)|tells\s+(?:me|us)|claims?|claimed|states?|stated|reckons|thinks|believes|swears|mentioned|assures\s+me|assured\s+me)(?:\s+(?:me|us))?|(?:he|she|they)\s+(?:says?|said|told\s+(?:me|us)|tells\s+(?:me|us)|claims?|claimed|reckons?|mentioned|swears?)|i\s+(?:was|am|have\s+been|'ve\s+been|'m)\s+told(?:\s+by\s+(?:the\s+)?\w+)?|according\s+to\s+(?:the\s+)?\w+|supposedly|allegedly|apparently|reportedly|word\s+is|story\s+is|the\s+story\s+goes)(?:\s+that)?\b[\s,]*(?<what>.+)$/i;

/** What is told besides what listings claim in so many words. */
const ALSO: readonly (readonly [ClaimKind, RegExp])[] = [
  [
    'original-paint',
    /\bnever\s+(?:been\s+)?(?:re)?(?:painted|sprayed)|\b(?:all\s+)?original\s+paint|\bfactory\s+paint/i,
  ],
  ['matching-engine', /\boriginal\s+(?:engine|motor)|\bnumbers\s+match/i],
  [
    'owners',
    /\b(?:owners?|keepers?)\b|\b(?:one|same|single)[- ]family\b|\bbought\s+it\s+new\b|\b(?:owned|had)\s+it\s+(?:since|for)\b|\bin\s+the\s+family\b/i,
  ],
  ['mileage', /\b(?:miles|mileage|kilomet(?:er|re)s|odometer)\b/i],
  ['no-rust', /\b(?:no|never\s+had|never\s+any)\s+rust\b|\bnever\s+seen\s+(?:salt|snow|rain|winter)\b/i],
  [
    'never-hit',
    /\bnever\s+(?:been\s+)?(?:hit|wrecked|crashed|bent)|\bno\s+accidents?\b|\bnot\s+been\s+in\s+an?\s+accident/i,
  ],
  ['everything-works', /\beverything\s+works\b/i],
  [
    'restored',
    /\b(?:re)?(?:painted|sprayed|finished|built|stored|done|upholstered|chromed|plated|trimmed|wired|conditioned|furbished)\b|\boverhauled\b|\brestoration\b|\brespray\b|\brepaint\b/i,
  ],
  ['part-replaced', /\b(?:replaced|changed|swapped|put\s+in|fitted|new)\b/i],
  ['special-model', /\bone\s+of\b|\bspecial\b/i],
];

/** `owner says it was repainted in 1992`: somebody's claim, as told. A flaw that is told is a finding, and is read as one. */
function readTold(text: string): Entry<ToldItem> | null {
  const what = LEAD.exec(text)?.groups?.what;
  if (!what) return null;
  const kind = splitClaims(what)[0]?.kind ?? ALSO.find(([, says]) => says.test(what))?.[0] ?? null;
  if (kind === null) return refused({ kind: 'not-understood', words: text.trim() });
  return { items: [{ kind: 'told', claim: kind, text: what.trim().slice(0, 500) }], problems: [] };
}

export const told = defineClause<ToldItem>({
  words: [],
  free: 'owner seller consignor trustee family vendor dealer he she they i according supposedly allegedly apparently reportedly word story'.split(
    ' ',
  ),
  read: ({ text, quoted }) => (quoted ? null : readTold(text)),
  items: {
    told: {
      puts: ({ claim, text }, { at }) => [{ kind: 'claim', body: { kind: claim, text, source: 'told', saidAt: at } }],
      chips: ({ claim, text }, wording) => [`told: ${term(CLAIM_WORDS, claim, wording.words)}`, `“${text}”`],
      facts: ({ claim }) => [`told ${claim}`],
    },
  },
});
