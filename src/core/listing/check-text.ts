import { flawById } from '../catalogue/flaws/by-id';
import { checkListing, claimRecord, type ListingWords, weighedOf } from '../claims/listing';
import { splitClaims } from '../claims/split';
import { type Judgement, judge } from '../judge/judge';
import { recordsOf } from '../records/reduce';

/** Parts that are what came with the car, or of which nobody knows. */
const OWN_PARTS: ReadonlySet<string> = new Set(['factory', 'unknown']);

/** What an odometer shows is read off it: no claim of how far the car went. */
const READ =
  /\bodometer\s*(?:shows|reads|stands at|:)?\s*[\d.,]+\s*(?:mi|miles|km|kilomet(?:er|re)s)\b(?:\s*\([^)]*\))?/gi;
const blank = (t: string) => ' '.repeat(t.length);

/** The text with what stands in quotation marks left blank: that is somebody else's word, told as such. */
export const withoutQuotes = (text: string): string => text.replaceAll(/“[^”]*”/g, blank);

/**
 * The absolute words and claims of a text against what was found of a judged car: each as if the seller had made it, weighed
 * beside the car's own records (core/claims). What is quoted is nobody's claim. In the order of the text; the same judgement and text give the same words.
 */
export function checkText(text: string, car: Judgement): readonly ListingWords[] {
  const { plan, records, tables, coverage } = car;
  const own = withoutQuotes(text).replaceAll(READ, blank);
  const said = splitClaims(own);
  const added = said.map(claimRecord);
  const beside = judge({ plan, records: [...records, ...added], tables }, car);
  const place = new Map(said.map((s, i) => [`${s.kind} ${s.text}`, added[i]!]));
  return checkListing(own, (s) => weighedOf(beside.claims, place.get(`${s.kind} ${s.text}`)!), {
    findings: recordsOf(records, 'finding').length,
    seen: coverage.whole.seen / Math.max(1, coverage.whole.cells),
    rust: recordsOf(records, 'finding').filter((f) => flawById(f.body.flaw).stage !== undefined).length,
    otherParts: recordsOf(records, 'part').filter((p) => !OWN_PARTS.has(p.body.state)).length,
  });
}
