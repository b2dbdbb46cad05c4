import { styleBySlug } from '../body/styles';
import type { AnyRecord, BodyOf } from '../kinds';
import { bodyWithDefaults } from '../kinds/with-defaults';
import type { PracticeTruth } from './practice-car';

/** Body styles whose panels no thickness gauge reads. */
const GLASS_FIBRE: ReadonlySet<string> = new Set(['sports']);

/** What is known of a practice car before anybody looks: as its papers and its owner say. */
export const carFactsOf = (truth: PracticeTruth, onYear: number): Partial<BodyOf<'car'>> => ({
  make: truth.make,
  model: truth.model,
  style: styleBySlug(truth.style)?.slug ?? '',
  year: onYear - truth.ageYears,
  baseMetal: GLASS_FIBRE.has(truth.style) ? 'glass-fibre' : 'steel',
  colour: truth.colour,
  chassisNumber: truth.chassisNumber,
  leave: { press: 'no', liftCarpet: 'yes', removeTrim: 'no', drive: 'no' },
});

export const carOfPractice = (truth: PracticeTruth, onYear: number): AnyRecord =>
  ({
    kind: 'car',
    id: 'car',
    version: 1,
    body: bodyWithDefaults('car', carFactsOf(truth, onYear) as never),
  }) as unknown as AnyRecord;
