import path from 'node:path';
import { planOf } from '@/core/body/plan';
import { nearestZone } from '@/core/body/slugs';
import { STYLES } from '@/core/body/styles';
import { listen, type SpokenLine } from '@/entry/facts';
import { captionsOf, textOf } from '@/entry/talk/caption-file';
import { readBytes } from '../files';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, TEXT } from '../verb';

const OPTIONS = { style: TEXT, zone: TEXT, unit: TEXT, 'ceiling-um': TEXT, kerb: TEXT, steering: TEXT } as const;

const KNOWN = STYLES.map((s) => s.slug).join(', ');

function oneOf<T extends string>(name: string, value: string | undefined, allowed: readonly T[], usual: T): T {
  if (value === undefined) return usual;
  const found = allowed.find((a) => a === value);
  if (!found) throw new Usage(`--${name} is ${allowed.join(' or ')}`);
  return found;
}

const WHY = {
  empty: 'holds nothing',
  'no-times': 'holds no times: it is no file of captions',
  unreadable: 'cannot be read as captions',
} as const;

/** The lines of a text, or the captions of a film with their times. */
function linesOf(file: string, text: string): readonly SpokenLine[] {
  if (!/\.(vtt|srt)$/i.test(file)) return text.split(/\r?\n/).map((line, i) => ({ line: i + 1, text: line }));
  const read = captionsOf(text);
  if (!read.ok) throw new Refusal('bad-captions', { message: `${path.basename(file)} ${WHY[read.why]}` });
  return read.cues;
}

/** farvin listen FILE --style STYLE: facts out of typed, spoken or captioned words. */
function hear(file: string, flags: FlagsOf<typeof OPTIONS>): object {
  if (!flags.style) throw new Usage(`listen needs --style STYLE; known: ${KNOWN}`);
  const plan = planOf(flags.style);
  if (!plan) throw new Usage(`no plan for the style ${flags.style}; known: ${KNOWN}`);
  const zone = flags.zone ?? null;
  if (zone !== null && !plan.zones.has(zone))
    throw new Usage(`this style has no zone ${zone}; nearest: ${nearestZone(zone, plan.zones.keys())}`);
  const ceilingUm = Number(flags['ceiling-um'] ?? 500);
  if (!(ceilingUm > 0)) throw new Usage('--ceiling-um is a number of µm above 0');
  const steering = oneOf('steering', flags.steering, ['left', 'right'] as const, 'left');
  return {
    ok: true,
    ...listen(linesOf(file, textOf(readBytes(file))), {
      plan,
      zone,
      unit: oneOf('unit', flags.unit, ['um', 'mil'] as const, 'um'),
      ceilingUm,
      steering,
      kerb: oneOf('kerb', flags.kerb, ['left', 'right'] as const, steering === 'left' ? 'right' : 'left'),
    }),
  };
}

export const verb = defineVerb({
  usage:
    'FILE.txt|vtt|srt --style STYLE [--zone SLUG] [--unit um|mil] [--ceiling-um 500] [--kerb left|right] [--steering left|right]',
  does: 'Tells what typed, spoken or captioned words say, as facts, and the words that became nothing.',
  gives: '`{facts:[{line, fact, text, sure}], left:[{line, text, why}]}`',
  takes: 'file',
  options: OPTIONS,
  run: hear,
});
