import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { judge } from '@/core/judge/judge';
import { checkText } from '@/core/listing/check-text';
import { listingSuggestion, sellersWords } from '@/words/listing';
import { PLAIN_WORDING } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { bundleAt, planFor } from '../bundles';
import { readText } from '../files';
import { Refusal } from '../refusals';
import { defineVerb } from '../verb';

/** `listing TEXT.txt BUNDLE`: the words of a listing against what was found. */
function check(path: string, bundle: string): object {
  const text = readText(path);
  const { records } = bundleAt(bundle);
  const plan = planFor(records);
  if (!plan) throw new Refusal('no-car');
  const words = checkText(text, judge({ plan, records, tables: DEFAULT_TABLES }));
  const told = sellersWords(records);
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
      suggest: listingSuggestion(w, place, told),
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
