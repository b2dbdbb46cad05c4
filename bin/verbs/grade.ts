import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { gradeCar } from '@/core/grade/grade';
import { judge } from '@/core/judge/judge';
import { bundleAt, onYear, planFor } from '../bundles';
import { Refusal } from '../refusals';
import { defineVerb, TEXT } from '../verb';

export const verb = defineVerb({
  usage: 'BUNDLE [--on-year YYYY]',
  does: 'Grades a car: nine axes, four lenses, coverage.',
  gives: 'axes, whole, coverage, gates, what moves it',
  takes: 'file',
  options: { 'on-year': TEXT },
  run: (path, flags) => {
    const { records } = bundleAt(path);
    const plan = planFor(records);
    if (!plan) throw new Refusal('no-car');
    const judgement = judge({ plan, records, tables: DEFAULT_TABLES });
    const { whole, byView } = judgement.coverage;
    const { presents, ...grade } = gradeCar(judgement, onYear(flags['on-year']), DEFAULT_TABLES);
    return { ok: true, ...grade, coverage: { whole, byView }, presentsCleanFromM: presents.metres };
  },
});
