import { z } from 'zod';
import { bare } from './chassis-17';

const code = z.string().min(1).max(12);
const year = z.number().int().min(1885).max(2100);
const named = { name: z.string().min(1).max(60), says: z.string().max(200).default('') };

/** One field of a number: so many characters (or, of a sequence, what is left), and what they mean. */
export const fieldSchema = z.discriminatedUnion('is', [
  /** Always these characters. */
  z.object({ ...named, is: z.literal('fixed'), text: code }),
  /** One of these, each with its meaning. */
  z.object({
    ...named,
    is: z.literal('lookup'),
    length: z.number().int().min(1).max(8),
    means: z.array(z.object({ code, says: z.string().min(1).max(120) })).min(1),
  }),
  /** Last digits of the year, of a century. */
  z.object({
    ...named,
    is: z.literal('year'),
    length: z.number().int().min(1).max(4),
    century: z.number().int().default(1900),
  }),
  /** A letter for each year in turn. */
  z.object({ ...named, is: z.literal('year-letter'), letters: z.string().min(2).max(40), from: year }),
  /** A running number, with ranges by year where they are known. */
  z.object({
    ...named,
    is: z.literal('sequence'),
    length: z.number().int().min(1).max(10),
    ranges: z.array(z.object({ year, from: z.number().int().min(0), to: z.number().int().min(0) })).default([]),
  }),
  /** Characters without a meaning that is known. */
  z.object({ ...named, is: z.literal('any'), length: z.number().int().min(1).max(12) }),
]);
export type TemplateField = z.infer<typeof fieldSchema>;

export const templateSchema = z.object({
  id: z
    .string()
    .regex(/^[a-z][a-z0-9-]*$/)
    .max(60),
  make: z.string().min(1).max(80),
  says: z.string().max(200).default(''),
  from: year,
  to: year,
  fields: z.array(fieldSchema).min(1).max(24),
  /** How the engine's number follows: text with fields in braces, `Q{model} {serial}`; empty: it has a sequence of its own. */
  engine: z.string().max(80).default(''),
  /** What an engine number of the right type begins with, where it has a sequence of its own; empty: not known. */
  engineType: z.string().max(40).default(''),
  /** The engine's own sequence by year. */
  engineRanges: z.array(z.object({ year, from: z.number().int().min(0), to: z.number().int().min(0) })).default([]),
});
export type NumberTemplate = z.infer<typeof templateSchema>;

const lengthOf = (f: TemplateField): number =>
  f.is === 'fixed' ? bare(f.text).length : f.is === 'year-letter' ? 1 : f.length;

/** A field as it was read: its characters, what they mean, and whether they can be. */
export interface DecodedField {
  readonly name: string;
  readonly text: string;
  /** From which place on, counted from 1 without blanks and dashes. */
  readonly from: number;
  readonly means: string;
  readonly fits: boolean;
  /** The year that it says, where it says one. */
  readonly year: number | null;
}
export interface Decoded {
  readonly template: string;
  readonly fields: readonly DecodedField[];
  /** Every field can be, and the years agree. */
  readonly fits: boolean;
  readonly year: number | null;
}

const rangeYears = (ranges: readonly { year: number; from: number; to: number }[], n: number) =>
  ranges.filter((r) => n >= r.from && n <= r.to).map((r) => r.year);

function readField(f: TemplateField, text: string, from: number): DecodedField {
  const out = (means: string, fits: boolean, y: number | null = null): DecodedField => ({
    name: f.name,
    text,
    from,
    means,
    fits,
    year: y,
  });
  switch (f.is) {
    case 'fixed':
      return out(f.says || f.text, text === bare(f.text));
    case 'lookup': {
      const means = f.means.find((m) => bare(m.code) === text)?.says;
      return out(means ?? 'not in the table', means !== undefined);
    }
    case 'year': {
      const y = /^\d+$/.test(text) ? (text.length >= 4 ? Number(text) : f.century + Number(text)) : null;
      return out(y === null ? 'no year' : String(y), y !== null, y);
    }
    case 'year-letter': {
      const i = f.letters.indexOf(text);
      return out(i < 0 ? 'no year' : String(f.from + i), i >= 0, i < 0 ? null : f.from + i);
    }
    case 'sequence': {
      if (!/^\d+$/.test(text)) return out('no running number', false);
      const years = rangeYears(f.ranges, Number(text));
      if (f.ranges.length === 0) return out(`number ${Number(text)}`, true);
      return years.length === 0
        ? out(`number ${Number(text)}, in no range of the table`, false)
        : out(`number ${Number(text)}, of ${years.join(' or ')}`, true, years.length === 1 ? years[0]! : null);
    }
    case 'any':
      return out(f.says || 'its meaning is not known', true);
  }
}

/**
 * A number by a template, field by field. Null where it is of another length. What a field cannot be is told and not mended;
 * where two fields say a year, they must say the same one.
 */
export function decodeNumber(number: string, template: NumberTemplate): Decoded | null {
  const text = bare(number);
  if (text.length !== template.fields.reduce((n, f) => n + lengthOf(f), 0)) return null;
  let at = 0;
  const fields = template.fields.map((f) => {
    const length = lengthOf(f);
    const field = readField(f, text.slice(at, at + length), at + 1);
    at += length;
    return field;
  });
  const years = [...new Set(fields.flatMap((f) => (f.year === null ? [] : [f.year])))];
  const y = years.length === 1 ? years[0]! : null;
  const within = y === null || (y >= template.from && y <= template.to);
  return { template: template.id, fields, fits: fields.every((f) => f.fits) && years.length < 2 && within, year: y };
}

/** Whether the characters that a scheme always has are there. */
const beginsSo = (d: Decoded, t: NumberTemplate) =>
  t.fields.some((f) => f.is === 'fixed') && t.fields.every((f, i) => f.is !== 'fixed' || d.fields[i]!.fits);

/**
 * The templates that a number can be of, the fitting ones first; those of the make before others. Of another make only what
 * fits whole; where no make is known, also what begins as the scheme does.
 */
export function decodersFor(number: string, make: string, templates: readonly NumberTemplate[]): readonly Decoded[] {
  const named = make.trim().toLowerCase();
  const own = (t: NumberTemplate) => t.make.toLowerCase() === named;
  return templates
    .flatMap((t) => {
      const decoded = decodeNumber(number, t);
      const can = decoded && (own(t) || decoded.fits || (named === '' && beginsSo(decoded, t)));
      return can ? [{ decoded, own: own(t) }] : [];
    })
    .sort((a, b) => Number(b.own) - Number(a.own) || Number(b.decoded.fits) - Number(a.decoded.fits))
    .map((x) => x.decoded);
}
