import { planOf } from '@/core/body/plan';
import { STYLES } from '@/core/body/styles';
import { readReadingsCsv } from '@/core/csv/readings';
import { analysePaint, type PaintAnalysis } from '@/core/paint/analyse';
import { filmInput } from '@/core/paint/film-input';
import { DEFAULT_PROFILES } from '@/core/paint/profiles';
import { whyNextText } from '@/words/paint';
import { bundleAt, planFor } from '../bundles';
import { readText } from '../files';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, SWITCH, TEXT } from '../verb';

const OPTIONS = { 'ceiling-um': TEXT, body: TEXT, profile: TEXT, 'skip-bad': SWITCH } as const;
type Flags = FlagsOf<typeof OPTIONS>;

function profilesFor(id: string | undefined) {
  if (id === undefined) return DEFAULT_PROFILES;
  const found = DEFAULT_PROFILES.filter((p) => p.id === id);
  if (found.length === 0)
    throw new Usage(`unknown profile ${id}; known: ${DEFAULT_PROFILES.map((p) => p.id).join(', ')}`);
  return found;
}

function paintOutput(analysis: PaintAnalysis): object {
  return {
    ok: true,
    baselineUm: analysis.baselineUm,
    zones: analysis.zones.map(({ lacks: _l, ...z }) => z),
    contrasts: analysis.contrasts,
    next: analysis.next.map((n) => ({ ...n, why: whyNextText(n.why) })),
  };
}

function judgePaint(path: string, flags: Flags): object {
  const profiles = profilesFor(flags.profile);
  if (/\.csv$/i.test(path)) {
    const ceilingUm = Number(flags['ceiling-um'] ?? 500);
    if (!(ceilingUm > 0)) throw new Usage('--ceiling-um is a number of µm above 0');
    const plan = flags.body === undefined ? null : planOf(flags.body);
    if (flags.body !== undefined && !plan)
      throw new Usage(`no plan for the body style ${flags.body}; known: ${STYLES.map((s) => s.slug).join(', ')}`);
    const { readings, bad } = readReadingsCsv(readText(path), { ceilingUm, zones: plan ? plan.zones.keys() : null });
    if (bad.length > 0 && !flags['skip-bad']) throw new Refusal('bad-rows', { rows: bad });
    for (const b of bad) console.error(`line ${b.line} left out: ${b.message}`);
    if (readings.length === 0) throw new Refusal('no-readings');
    return paintOutput(analysePaint({ readings, profiles, plan }));
  }
  const { records } = bundleAt(path);
  const input = filmInput(records);
  if (input.readings.length === 0) throw new Refusal('no-readings');
  return paintOutput(analysePaint({ ...input, profiles, plan: planFor(records) }));
}

export const verb = defineVerb({
  usage: ['READINGS.csv [--ceiling-um 500] [--body STYLE] [--profile ID] [--skip-bad]', 'BUNDLE [--profile ID]'],
  does: `Judges the film thickness of every panel. Styles: ${STYLES.map((s) => s.slug).join(' ')}.`,
  gives: 'baseline, zones, contrasts, next three readings',
  takes: 'file',
  options: OPTIONS,
  run: judgePaint,
});
