import { planOf } from '@/core/body/plan';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { gradeCar } from '@/core/grade/grade';
import { judge } from '@/core/judge/judge';
import type { AnyRecord } from '@/core/kinds';
import { PLAIN_WORDING } from '@/words/vocabulary';
import type { Block } from '../block';
import type { SectionDefinition, Shape } from '../section';

const plan = planOf('fastback')!;

/** A section's blocks of a car, sealed, written, read back as its schema reads it, and shown, for tests. */
export function shownOf<S extends Shape>(
  section: SectionDefinition<S, Shape>,
  records: readonly AnyRecord[],
  published: readonly AnyRecord[] = records,
): { readonly blocks: readonly Block[]; readonly text: string } {
  const judgement = judge({ plan, records, tables: DEFAULT_TABLES });
  const grade = gradeCar(judgement, 2027, DEFAULT_TABLES);
  const sealed = section.seal({ judgement, grade, tables: DEFAULT_TABLES, records, onYear: 2027 });
  const read = Object.fromEntries(
    Object.entries(section.sealed).map(([part, schema]) => [
      part,
      schema.parse(sealed[part] === undefined ? undefined : JSON.parse(JSON.stringify(sealed[part]))),
    ]),
  );
  const blocks = section.blocks({
    sealed: read as never,
    records: published,
    car: records.find((r) => r.kind === 'car')!.body as never,
    plan,
    findings: [],
    tables: { grade: DEFAULT_TABLES.grade, profiles: DEFAULT_TABLES.profiles },
    wording: PLAIN_WORDING,
    unit: 'um',
    timeZone: undefined,
    onDay: '2027-03-04',
  });
  return { blocks, text: JSON.stringify(blocks) };
}
