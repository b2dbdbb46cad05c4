import { bare, readChassis17 } from '@/core/identity/chassis-17';
import { type Decoded, decodersFor } from '@/core/identity/template';
import { numberTemplates } from '@/core/identity/templates';
import { CHASSIS_REFUSAL_WORDS, checkDigitText } from '@/words/chassis';
import { readText } from '../files';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, TEXT } from '../verb';

const OPTIONS = { templates: TEXT, make: TEXT } as const;

/** Templates of a file, as a house keeps them: the whole table, or a list. */
function templatesOf(path: string | undefined) {
  if (path === undefined) return numberTemplates.defaults.templates;
  let given: unknown;
  try {
    given = JSON.parse(readText(path));
  } catch (cause) {
    if (cause instanceof Refusal) throw cause;
    throw new Refusal('unreadable', { message: `${path} is no JSON.` });
  }
  const parsed = numberTemplates.schema.safeParse(Array.isArray(given) ? { source: path, templates: given } : given);
  if (!parsed.success) {
    const [first] = parsed.error.issues;
    throw new Usage(`--templates: ${first!.path.join('.')}: ${first!.message}`);
  }
  return parsed.data.templates;
}

const fieldsOf = (d: Decoded) =>
  d.fields.map(({ name, text, from, means, fits }) => ({ name, from, text, means, fits }));

/** `chassis NUMBER`: every character explained, by a make's scheme or by ISO 3779. */
function read(number: string, flags: FlagsOf<typeof OPTIONS>): object {
  if (bare(number) === '') throw new Usage('chassis takes a number');
  const [best] = decodersFor(number, flags.make ?? '', templatesOf(flags.templates));
  const iso = readChassis17(number);
  if (iso.ok) {
    console.error(checkDigitText(iso.checkDigit));
    const { region, maker, descriptor, identifier, checkDigit, modelYears } = iso;
    const sections = [
      { name: 'maker', from: 1, text: maker, means: `maker, ${region}`, fits: true },
      { name: 'descriptor', from: 4, text: descriptor, means: 'description of the car', fits: true },
      { name: 'identifier', from: 10, text: identifier, means: 'identification', fits: true },
    ];
    return {
      ok: true,
      scheme: best?.template ?? 'iso-3779',
      checkDigit,
      fields: best ? fieldsOf(best) : sections,
      year: best?.year ?? null,
      region,
      modelYears,
    };
  }
  if (iso.reason === 'letter-not-used')
    throw new Refusal(iso.reason, { place: iso.at! + 1, message: `${number}: ${CHASSIS_REFUSAL_WORDS[iso.reason]}.` });
  if (!best)
    throw new Refusal('no-scheme', {
      message: `${number}: ${CHASSIS_REFUSAL_WORDS[iso.reason]}, and no template is of its length and signs.`,
    });
  return { ok: true, scheme: best.template, checkDigit: null, fields: fieldsOf(best), year: best.year };
}

export const verb = defineVerb({
  usage: 'NUMBER [--make MAKE] [--templates FILE]',
  does: 'Explains a chassis number character by character, with its check digit and whether that applies.',
  gives: 'the scheme, the check digit expected and found, each field with its meaning',
  takes: 'code',
  options: OPTIONS,
  run: read,
});
