import { compareInspections } from '@/core/agreement/compare';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { gradeCar } from '@/core/grade/grade';
import { judge } from '@/core/judge/judge';
import { bundleAt, onYear, planFor } from '../bundles';
import { Refusal } from '../refusals';
import { defineVerb, TEXT } from '../verb';

/** An inspection as a bundle holds it, judged and graded by the shipped numbers. */
function inspected(path: string, year: number) {
  const { records } = bundleAt(path);
  const plan = planFor(records);
  if (!plan) throw new Refusal('no-car');
  const judgement = judge({ plan, records, tables: DEFAULT_TABLES });
  return { judgement, grade: gradeCar(judgement, year, DEFAULT_TABLES) };
}

export const verb = defineVerb({
  usage: 'BUNDLE BUNDLE [--on-year YYYY]',
  does: 'Says how far two inspections of one car agree, of what both looked at.',
  gives:
    'differences by axis, weighted kappa of functions and stages of rust, limits of agreement of film, findings of one alone',
  takes: 'file',
  second: 'bundle',
  options: { 'on-year': TEXT },
  run: (first, flags, second) => {
    const year = onYear(flags['on-year']);
    const [a, b] = [inspected(first, year), inspected(second, year)];
    const style = (x: typeof a) => x.judgement.car?.style;
    if (style(a) !== style(b))
      throw new Refusal('other-car', { message: 'The two bundles are of cars with other plans.' });
    return { ok: true, ...compareInspections(a, b) };
  },
});
