import { DEFAULT_LEAK_TABLE } from '@/core/catalogue/leak-places';
import { readLeaksCsv } from '@/core/csv/leaks';
import { layoutOf } from '@/core/leaks/reach';
import { leakSources } from '@/core/leaks/sources';
import { leakWhy, nextLookText } from '@/words/leaks';
import { readText } from '../files';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, SWITCH, TEXT } from '../verb';

const TEMPLATES = Object.keys(DEFAULT_LEAK_TABLE.templates);
const OPTIONS = { template: TEXT, 'skip-bad': SWITCH } as const;
const rounded = (chance: number) => Math.round(chance * 1000) / 1000;

/** `leaks OBSERVATIONS.csv`: where it leaks, by what is wet and dry. */
function rank(path: string, flags: FlagsOf<typeof OPTIONS>): object {
  const layout = layoutOf(DEFAULT_LEAK_TABLE, flags.template ?? 'front-engine');
  if (!layout) throw new Usage(`--template is one of ${TEMPLATES.join(', ')}`);
  const { seen, bad } = readLeaksCsv(readText(path), layout);
  if (bad.length > 0 && !flags['skip-bad']) throw new Refusal('bad-rows', { rows: bad });
  for (const b of bad) console.error(`line ${b.line} left out: ${b.message}`);
  const { sources, next } = leakSources(seen, layout, DEFAULT_LEAK_TABLE);
  if (next) console.error(nextLookText(next, layout));
  return {
    ok: true,
    sources: sources.map(({ place, fluid, chance, kind, why }) => ({
      place,
      fluid,
      chance: rounded(chance),
      kind,
      why: leakWhy(why, kind, layout),
    })),
    next: next && { look: next.look, again: next.again, splits: next.splits },
  };
}

export const verb = defineVerb({
  usage: `OBSERVATIONS.csv [--template ${TEMPLATES.join('|')}] [--skip-bad]`,
  does: 'Says where it leaks, by what is wet and dry, before and after the run.',
  gives: 'sources with their chance and why; the look that tells the two likeliest apart',
  takes: 'file',
  options: OPTIONS,
  run: rank,
});
