import type { ClaimKind } from './claim-table';

/** A sentence that claims something, with the figure that it claims where it has one. */
export interface SaidClaim {
  readonly kind: ClaimKind;
  readonly text: string;
  readonly figure: number | null;
}

type Rule = readonly [ClaimKind, RegExp];
/** How sellers say each kind; the first that is met holds. Sentences that fit none claim nothing that can be looked at. */
const RULES: readonly Rule[] = [
  [
    'original-paint',
    /\b(original|factory|first)\s+(paint(work)?|finish|lacquer)\b|\bpaint(work)?\s+is\s+(all\s+)?(original|factory|as\s+it\s+left)|\bnever\s+(been\s+)?(re)?(painted|sprayed)\b|\bunrestored\s+paint\b|\bwears\s+its\s+(first|original)\s+(coat|paint)/i,
  ],
  [
    'original-colour',
    /\b(original|factory|correct)\s+colou?rs?\b|\bcolou?rs?\s+(is|are)\s+(original|correct|as\s+(delivered|ordered))|\bin\s+its\s+(factory|original)\s+(colou?r|shade)\b|\bcolou?r\s+(as\s+)?per\s+(the\s+)?(plate|build)/i,
  ],
  [
    'matching-engine',
    /\b(numbers?\s*[-‐ ]?\s*match(ing)?|matching\s*[-‐ ]?\s*numbers?|match(es|ing)?\s+(its\s+|the\s+)?(engine|block|chassis))\b|\b(original|first|own|factory)\s+(engine|motor|block)\b|\bengine\s+(is\s+)?(the\s+)?(original|first)\b|\bengine\s+it\s+left\s+the\s+(works|factory)\s+with/i,
  ],
  [
    'mileage',
    /\b(\d{1,3}([ ,.]\d{3})+|\d{4,6}|\d{2,3}\s*k)\s*(actual\s+|genuine\s+|original\s+|warranted\s+)?(miles|mi|kilomet(er|re)s|km)\b|\b(mileage|odometer|distance)\b.*\b(genuine|true|correct|actual|original|warranted|believed)\b|\b(genuine|actual|true|warranted|low)\s+(miles|mileage|kilomet(er|re)s)\b|\bdriven\s+only\b/i,
  ],
  [
    'no-rust',
    /\b(no|zero|without|free\s+of|not\s+a\s+(spot|trace|speck)\s+of|never\s+(any|had))\s+(any\s+)?(rust|rot|corrosion)\b|\brust[- ]?free\b|\b(never|not)\s+(been\s+)?welded\b|\b(solid|sound)\s+(under(side|neath)|floors?|sills?|chassis|body|throughout)\b|\b(floors?|sills?|chassis|underside|body)\s+(is|are)\s+(solid|sound|rust[- ]free|rot[- ]free)/i,
  ],
  [
    'never-hit',
    /\b(never|not)\s+(been\s+)?(hit|crashed|in\s+an\s+accident|damaged|wrecked|shunted|bent)\b|\baccident[- ]?free\b|\bno\s+(accidents?|accident\s+damage|crash\s+damage|collision)\b|\bstraight\s+as\s+(built|the\s+day)/i,
  ],
  [
    'owners',
    /\b(one|two|three|four|five|single|first|second|1|2|3|4|5)[- ]?(family\s+)?(owners?|keepers?|hands?)\b|\b(one|same)\s+family\s+(from|since)\b|\bfrom\s+(its\s+)?(first|original)\s+owner\b|\bowned\s+by\s+(one|the\s+same)\b|\bin\s+(one|the\s+same)\s+family\b/i,
  ],
  [
    'everything-works',
    /\b(everything|all\s+(of\s+)?(it|the\s+(electrics|electrical\s+\w+|gauges|lights|lamps|instruments|functions|switches)))\s+(works?|functions?|is\s+working|are\s+working|in\s+(working|good)\s+order)\b|\bfully\s+(working|functional|operational)\b|\ball\s+(electrics|gauges|lights|lamps|instruments|functions|switches)\s+(work|working|function)\b|\bnothing\s+(is\s+)?(broken|fails|to\s+do)\b/i,
  ],
  [
    'part-replaced',
    /\b(new|replaced|fresh|recent|renewed|reconditioned|rebuilt)\s+(\w+\s+){0,2}(engine|gearbox|transmission|clutch|brakes?|battery|tyres?|tires?|exhaust|radiator|loom|tank|top|hood|floors?|sills?|starter|generator|alternator|pump|shocks?|dampers?|springs?|carpets?|seats?|carburett?ors?)\b|\b(engine|gearbox|transmission|clutch|brakes?|battery|tyres?|tires?|exhaust|radiator|loom|tank|top|floors?|sills?|starter|generator|alternator|pump|shocks?|dampers?|springs?|carpets?|seats?)\s+(is|are|was|were|has\s+been|have\s+been)\s+(all\s+)?(new|renewed|replaced|rebuilt|reconditioned|changed)\b/i,
  ],
  [
    'restored',
    /\b(restored|restoration|rebuilt|frame[- ]off|body[- ]off|nut[- ]and[- ]bolt|refurbished|ground[- ]up)\b/i,
  ],
  [
    'special-model',
    /\b(genuine|true|real|factory|documented|certified)\s+(\w+\s+){0,2}(model|special|edition|package|version|works\s+car)\b|\bone\s+of\s+(only\s+)?\d+\b|\bonly\s+\d+\s+(were\s+)?(built|made)\b|\bspecial[- ]order\b/i,
  ],
];

/** Sentences that say the opposite, or only hope, wonder or ask: nothing is claimed by them. */
const NOT_CLAIMED =
  /\?\s*$|\b(may|might|could|would|should|probably|possibly|perhaps|unknown|not\s+known|not\s+sure|cannot\s+say|needs?|requires?|wants?|looking\s+for|sold\s+as|wish|hope)\b/i;
/** That it is denied: "not the original engine", "has been repainted". */
const DENIED: Readonly<Partial<Record<ClaimKind, RegExp>>> = {
  'original-paint': /\b(not|isn['’]t|no\s+longer)\s+(its\s+|the\s+|in\s+)?(original|factory)/i,
  'original-colour': /\b(not|isn['’]t|no\s+longer|changed\s+from)\s+(its\s+|the\s+|in\s+)?(original|factory)/i,
  'matching-engine': /\b(not|isn['’]t|no\s+longer|non)[- ]*(its\s+|the\s+)?(original|matching|numbers)/i,
  mileage: /\b(not|isn['’]t|un)\s*(genuine|warranted|true|correct|actual|known)|\bunwarranted\b/i,
  'everything-works': /\bnot\s+(everything|all|fully)\b|\b(except|apart\s+from|but)\b/i,
  restored:
    /\b(un|not|never\s+(been\s+)?)\s*restored\b|\bfor\s+restoration\b|\brestoration\s+(project|needed|required)/i,
  'part-replaced': /\bnot\s+(been\s+)?(replaced|renewed|new)\b/i,
};

const KILO = 1000;
/** The distance that a sentence names, with thousands however they are written. */
function distanceIn(text: string): number | null {
  const match = /\b(\d{1,3}(?:[ ,.]\d{3})+|\d{4,6}|\d{2,3}\s*k)\b/i.exec(text);
  if (!match) return null;
  const raw = match[1]!;
  return /k$/i.test(raw) ? Number(raw.replace(/\D/g, '')) * KILO : Number(raw.replace(/\D/g, ''));
}
const COUNTS: Readonly<Record<string, number>> = {
  one: 1,
  single: 1,
  first: 1,
  same: 1,
  two: 2,
  second: 2,
  three: 3,
  four: 4,
  five: 5,
};
function ownersIn(text: string): number | null {
  const match = /\b(one|two|three|four|five|single|first|second|same|[1-5])\b/i.exec(text);
  return match ? (COUNTS[match[1]!.toLowerCase()] ?? Number(match[1])) : null;
}

/** Sentences, and of lists each part: stops, line breaks, semicolons, bullets; commas and "and" where more than one claim stands. */
const sentences = (text: string): string[] =>
  text
    .split(/(?<=[.!?])\s+|[\n\r;•·|]+|\s[–—-]\s/)
    .map((s) => s.trim())
    .filter((s) => s !== '');
const clauses = (sentence: string): string[] =>
  sentence
    .split(/,(?!\d{3}\b)\s*|\s+(?:and|with|plus|&)\s+/i)
    .map((s) => s.trim())
    .filter((s) => s !== '');

function claimIn(text: string): SaidClaim | null {
  if (NOT_CLAIMED.test(text)) return null;
  for (const [kind, pattern] of RULES) {
    if (!pattern.test(text) || DENIED[kind]?.test(text)) continue;
    return {
      kind,
      text: text.replace(/[.!]+$/, ''),
      figure: kind === 'mileage' ? distanceIn(text) : kind === 'owners' ? ownersIn(text) : null,
    };
  }
  return null;
}

/**
 * A seller's text as its claims, each with its kind and its own words. What fits no kind, only hopes, asks or denies gives
 * none: nothing is claimed for a seller that he did not say.
 */
export function splitClaims(text: string): readonly SaidClaim[] {
  const found = sentences(text).flatMap((sentence) => {
    const parts = clauses(sentence).flatMap((c) => claimIn(c) ?? []);
    // Apart the words may say nothing that they say together.
    const whole = claimIn(sentence);
    if (!whole) return parts.length > 0 && !NOT_CLAIMED.test(sentence) ? parts : [];
    if (!parts.some((p) => p.kind === whole.kind)) return [...parts, whole];
    // The same said twice in one sentence is one claim; of parts each is its own.
    return parts.filter((p, i) => p.kind === 'part-replaced' || parts.findIndex((q) => q.kind === p.kind) === i);
  });
  return found.filter((c, i) => found.findIndex((d) => d.kind === c.kind && d.text === c.text) === i);
}
