import { figuresOf } from './numbers';

/** Words of the trade as captions mishear them. */
const MISHEARD: readonly (readonly [RegExp, string])[] = [
  [/\bbond(?:\s|-)?(?:oh|o)\b/g, 'filler'],
  [/\bbondo\b/g, 'filler'],
  [/\brock(?:er)?\s+or\s+panels?\b/g, 'rocker panel'],
  [/\bfinders\b/g, 'fenders'],
  [/\bfinder\b/g, 'fender'],
  [/\bcrome\b/g, 'chrome'],
  [/\bde\s+lamination\b/g, 'delamination'],
  [/\bpinch\s+wells?\b/g, 'pinch welds'],
  [/\bquarter\s+pedal\b/g, 'quarter panel'],
  [/\bdeck\s+lit\b/g, 'deck lid'],
  [/\btrunk\s+lit\b/g, 'trunk lid'],
  [/\bdecal\s+id\b/g, 'deck lid'],
  [/\bwind\s+shield\b/g, 'windshield'],
  [/\bhead\s+lights?\b/g, 'headlight'],
  [/\btail\s+lights?\b/g, 'taillight'],
  [/\bdoor\s+jam\b/g, 'door jamb'],
  [/\bspider\s+webbing\b/g, 'crazing'],
];

/** Ways of saying that something is not there, as the line knows them. */
const ABSENT: readonly (readonly [RegExp, string])[] = [
  [/\b(?:i\s+)?(?:don't|do not|didn't|did not|can't|cannot)\s+see\s+(?:any|a)\b/g, 'no'],
  [/\b(?:i\s+)?(?:couldn't|could not|can't|cannot)\s+find\s+(?:any|a)\b/g, 'no'],
  [/\b(?:there\s+(?:are|is)|there's)\s+(?:no|not any|not a)\b/g, 'no'],
  [/\b(?:i\s+)?see\s+no\b/g, 'no'],
  [/\b(?:is|are)\s+free\s+of\b/g, 'no'],
  [/\bfree\s+of\s+(?:any\s+)?/g, 'no '],
  [/\bnot\s+a\s+single\b/g, 'no'],
  [/\bno\s+(?:visible|obvious|real|apparent)\b/g, 'no'],
];

/** What talk is full of and what says nothing of a car; only whole phrases, so that no word of sense goes with them. */
const NOTHING =
  /\b(?:okay|ok\s+so|alright|all\s+right|so\s+yeah|um+|uh+|er+m?|ah+|you\s+know|as\s+you\s+can\s+see|you\s+can\s+see|we\s+can\s+see|i\s+can\s+see|here\s+we\s+have|here\s+we\s+go|we\s+have|we've\s+got|we\s+got|we're|i've\s+got|it's\s+got|it\s+has|there\s+is|there's|there\s+are|let\s+me\s+show\s+you|let's\s+look\s+at|let's\s+see|moving\s+on\s+to|moving\s+over\s+to|moving\s+to|moving\s+on|coming\s+(?:around|round|up|back)\s+to|going\s+(?:over|round|around|back|up|down)\s+to|looking\s+at|if\s+you\s+look\s+at|over\s+to|over\s+here|right\s+(?:here|there)|up\s+here|down\s+here|in\s+here|on\s+this\s+one|this\s+one|on\s+here|now\s+then|and\s+then|next\s+up|first\s+up|first\s+of\s+all|starting\s+(?:with|at)|at\s+all|basically|actually|overall|by\s+the\s+way|as\s+well|i\s+guess\s+you'd\s+say)\b/g;
/** Adjectives of a flaw that give no figure. */
const STRENGTH =
  /\b(?:tiny|little|small|slight|slightly|minor|very\s+light|light|faint|fine|single|nice|nasty|ugly|obvious|noticeable|some|one\s+or\s+two)\s+(?=[a-z])/g;
/** Remedies and reasons: a note, and no statement of its own. */
const ASIDE: readonly RegExp[] = [
  /,?\s*\b(?:but\s+)?(?:that|it|they|which)(?:'ll|\s+will|\s+should|\s+would)\s+(?:probably\s+|easily\s+)?(?:buff|polish|clean|wash|rub|come)\s+(?:right\s+)?(?:out|off|up)\b/g,
  /,?\s*\b(?:but\s+)?(?:that|it|they)?\s*needs?\s+(?:re-?chroming|re-?plating|replacing|redoing|adjusting|attention|a\s+(?:polish|clean|wash))\b/g,
  /,?\s*\bfrom\s+(?:the\s+|a\s+)?(?:wipers?|stones?|the\s+road|road|people\s+leaning\s+in|leaning\s+in|use|age|wear|sun|the\s+sun|boots|shoes|getting\s+in(?:\s+and\s+out)?)\b/g,
];
/** That something works well is that it works. */
const PRAISED =
  /\b(works?|working)\s+(?:just\s+|really\s+|very\s+)?(?:great|fine|well|good|perfectly|nicely|beautifully|as\s+it\s+should)\b/g;
const CORRECTION =
  /^\s*(?:sorry|excuse\s+me|correction|i\s+mean|no\s+wait|wait)[\s,]+(?:that's\s+|that\s+is\s+|it's\s+)?/;
const TAKEN_BACK = /^\s*(?:forget\s+(?:that|it)|scratch\s+that|strike\s+that|never\s+mind)\s*$/;

/** Talk as the line reads it: mishearings put right, absences and figures in its words, what says nothing taken out. Lower case. */
export function plainTalk(text: string, unit: 'um' | 'mil'): string {
  // Marks stand apart, so that a number before one is read as any other.
  let out = ` ${text
    .toLowerCase()
    .replaceAll('’', "'")
    .replaceAll(/([,.!?:])(?=\s|$)/g, ' $1 ')
    .replaceAll(/\s+/g, ' ')
    .trim()} `;
  for (const [pattern, says] of MISHEARD) out = out.replace(pattern, says);
  out = out.trim();
  if (TAKEN_BACK.test(out)) return 'undo';
  const corrected = out.replace(CORRECTION, 'again ');
  out = figuresOf(corrected, unit);
  out = out.replace(PRAISED, '$1');
  for (const aside of ASIDE) out = out.replace(aside, ' ');
  for (const [pattern, says] of ABSENT) out = out.replace(pattern, says);
  return out.replace(NOTHING, ' ').replace(STRENGTH, '').replaceAll(/\s+/g, ' ').trim();
}
