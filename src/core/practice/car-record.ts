import { type Plan, planOf } from '../body/plan';
import { styleBySlug } from '../body/styles';
import type { AnyRecord, BodyOf } from '../kinds';
import { bodyWithDefaults } from '../kinds/with-defaults';
import type { PracticeTruth } from './practice-car';

/** Body styles whose panels no thickness gauge reads. */
const GLASS_FIBRE: ReadonlySet<string> = new Set(['sports']);

/** What its body is made of. */
export const metalOf = ({ style }: PracticeTruth) => (GLASS_FIBRE.has(style) ? 'glass-fibre' : 'steel');

/** What is known of a practice car before anybody looks: as its papers and its owner say. */
export const carFactsOf = (truth: PracticeTruth, onYear: number): Partial<BodyOf<'car'>> => ({
  make: truth.make,
  model: truth.model,
  style: styleBySlug(truth.style)?.slug ?? '',
  year: onYear - truth.ageYears,
  baseMetal: metalOf(truth),
  colour: truth.colour,
  chassisNumber: truth.chassisNumber,
  leave: { press: 'no', liftCarpet: 'yes', removeTrim: 'no', drive: 'no' },
});

/** The plan of a practice car. Null for a style that has none. */
export const planOfPractice = (truth: PracticeTruth): Plan | null => planOf(truth.style, { baseMetal: metalOf(truth) });

export const carOfPractice = (truth: PracticeTruth, onYear: number): AnyRecord =>
  ({
    kind: 'car',
    id: 'car',
    version: 1,
    body: bodyWithDefaults('car', carFactsOf(truth, onYear) as never),
  }) as unknown as AnyRecord;
