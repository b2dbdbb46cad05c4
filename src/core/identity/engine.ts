import { bare } from './chassis-17';
import { type Compared, compareNumbers } from './look-alikes';
import { decodeNumber, type NumberTemplate } from './template';

/** What an engine's number says beside the chassis number. */
export type EngineSays =
  /** By the make's rule it is this car's. */
  | { readonly is: 'original'; readonly expected: string }
  /** One character off by what is easily misread: a question. */
  | { readonly is: 'look-again'; readonly expected: string; readonly compared: Extract<Compared, { same: false }> }
  | { readonly is: 'another'; readonly expected: string }
  /** The make has no rule: of the right type, and its own number falls into the car's year, or into others. */
  | { readonly is: 'right-type'; readonly years: readonly number[]; readonly plausible: boolean }
  | { readonly is: 'wrong-type' }
  /** Number, chassis number or template are lacking. */
  | { readonly is: 'not-told'; readonly why: 'no-engine-number' | 'no-template' | 'chassis-not-read' };

/** The engine's number that a chassis number asks for by its template's rule; null without a rule. */
export function expectedEngine(chassis: string, template: NumberTemplate): string | null {
  if (template.engine === '') return null;
  const decoded = decodeNumber(chassis, template);
  if (!decoded?.fits) return null;
  const fields = new Map(decoded.fields.map((f) => [f.name, f.text]));
  const text = template.engine.replaceAll(/\{([^}]+)\}/g, (_all, name: string) => fields.get(name) ?? '');
  return text.includes('{') ? null : text;
}

/** A type's number may fall into the year of the car or the one before: engines wait for cars. */
const EARLIER_YEARS = 1;

/**
 * Whether an engine is the car's own, by rule, type and sequence. A number that matches, a type with a plausible date, and a
 * type alone are three different sayings. Refuses to say anything without the numbers and a template that fits.
 */
export function engineSays(
  engine: string,
  chassis: string,
  template: NumberTemplate | null,
  carYear: number | null,
): EngineSays {
  if (bare(engine) === '') return { is: 'not-told', why: 'no-engine-number' };
  if (!template) return { is: 'not-told', why: 'no-template' };
  const expected = expectedEngine(chassis, template);
  if (expected !== null) {
    const compared = compareNumbers(engine, expected);
    if (compared.same) return { is: 'original', expected };
    return compared.ask.length > 0 ? { is: 'look-again', expected, compared } : { is: 'another', expected };
  }
  if (template.engine !== '') return { is: 'not-told', why: 'chassis-not-read' };
  if (template.engineType === '') return { is: 'not-told', why: 'no-template' };
  const [own, type] = [bare(engine), bare(template.engineType)];
  if (!own.startsWith(type)) return { is: 'wrong-type' };
  const serial = own.slice(type.length);
  const years = /^\d+$/.test(serial)
    ? template.engineRanges.filter((r) => Number(serial) >= r.from && Number(serial) <= r.to).map((r) => r.year)
    : [];
  const plausible = carYear !== null && years.some((y) => y <= carYear && y >= carYear - EARLIER_YEARS);
  return { is: 'right-type', years, plausible };
}
