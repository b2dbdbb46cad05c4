import { checkListing, claimRecord, weighedOf } from '@/core/claims/listing';
import { type SaidClaim, splitClaims } from '@/core/claims/split';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { judge } from '@/core/judge/judge';
import { recordsOf } from '@/core/records/reduce';
import { listingSuggestion } from '@/words/listing';
import { PLAIN_WORDING } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { bundleAt, planFor } from '../bundles';
import { readText } from '../files';
import { Refusal } from '../refusals';
import { defineVerb } from '../verb';

/** Parts that are what came with the car, or of which nobody knows. */
const OWN_PARTS: ReadonlySet<string> = new Set(['factory', 'unknown']);

/** `listing TEXT.txt BUNDLE`: the words of a listing against what was found. */
function check(path: string, bundle: string): object {
  const text = readText(path);
  const { records } = bundleAt(bundle);
  const plan = planFor(records);
  if (!plan) throw new Refusal('no-car');
  const said = splitClaims(text);
  const added = said.map(claimRecord);
  const j = judge({ plan, records: [...records, ...added], tables: DEFAULT_TABLES });
  const weigh = (s: SaidClaim) =>
    weighedOf(j.claims, added[said.findIndex((x) => x.text === s.text && x.kind === s.kind)]!);
  const words = checkListing(text, weigh, {
    findings: recordsOf(records, 'finding').length,
    seen: j.coverage.whole.seen / Math.max(1, j.coverage.whole.cells),
    otherParts: recordsOf(records, 'part').filter((p) => !OWN_PARTS.has(p.body.state)).length,
  });
  const place = (zone: string) =>
    plan.zones.has(zone) ? zoneName(zone, PLAIN_WORDING) : zone.replaceAll(/[.-]/g, ' ');
  return {
    ok: true,
    words: words.map((w) => ({
      from: w.from,
      to: w.to,
      text: w.text,
      claim: w.claim,
      verdict: w.verdict,
      suggest: listingSuggestion(w, place),
    })),
  };
}

export const verb = defineVerb({
  usage: 'TEXT.txt BUNDLE',
  does: 'Checks the words of a listing against what was found of the car.',
  gives: 'each absolute word and claim with where it stands, its verdict, and a sentence that the evidence carries',
  takes: 'file',
  second: 'bundle',
  options: {},
  run: (path, _flags, bundle) => check(path, bundle),
});
