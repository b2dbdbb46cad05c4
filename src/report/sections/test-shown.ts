import { planOf } from '@/core/body/plan';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { gradeCar } from '@/core/grade/grade';
import { judge } from '@/core/judge/judge';
import type { AnyRecord } from '@/core/kinds';
import { PLAIN_WORDING } from '@/words/vocabulary';
import type { Block } from '../block';
import { numberedFindings } from '../numbered';
import type { SectionDefinition, Shape } from '../section';
import { SECTION_LIST } from '.';

const plan = planOf('fastback')!;

/** A section's blocks of a car, sealed, written, read back as its schema reads it, and shown, for tests. */
export function shownOf<S extends Shape, U extends Shape>(
  section: SectionDefinition<S, U>,
  records: readonly AnyRecord[],
  published: readonly AnyRecord[] = records,
): { readonly blocks: readonly Block[]; readonly text: string } {
  const judgement = judge({ plan, records, tables: DEFAULT_TABLES });
  const grade = gradeCar(judgement, 2027, DEFAULT_TABLES);
  const from = { judgement, grade, tables: DEFAULT_TABLES, records, onYear: 2027 };
  // What it uses of other sections is sealed by them.
  const others = section.uses ? SECTION_LIST.map(([, s]) => s.seal(from)) : [];
  const sealed: Readonly<Record<string, unknown>> = Object.assign({}, ...others, section.seal(from));
  const read = Object.fromEntries(
    Object.entries({ ...section.sealed, ...section.uses }).map(([part, schema]) => [
      part,
      schema.parse(sealed[part] === undefined ? undefined : JSON.parse(JSON.stringify(sealed[part]))),
    ]),
  );
  const blocks = section.blocks({
    sealed: read as never,
    records: published,
    car: records.find((r) => r.kind === 'car')!.body as never,
    plan,
    findings: numberedFindings(published, plan),
    tables: { grade: DEFAULT_TABLES.grade, profiles: DEFAULT_TABLES.profiles },
    wording: PLAIN_WORDING,
    unit: 'um',
    timeZone: undefined,
    onDay: '2027-03-04',
  });
  return { blocks, text: JSON.stringify(blocks) };
}
