import { type Plan, planOf } from '../body/plan';
import { STYLES } from '../body/styles';
import { VIEWS } from '../body/zone';
import { AXES, type Axis } from '../catalogue/axes';
import { capOf } from '../grade/caps';
import type { GradedBy } from '../grade/graded-by';
import { type Piece, piecesOf } from '../grade/pieces';
import { LENSES, type Lens } from '../grade/tables';
import { carValues, lossesOfCar } from '../grade/values';
import { type Judgement, shutGates } from '../judge/judge';
import type { ModelTables } from '../judge/models';
import type { Random } from '../stats/random';
import { type Hidden, judgeMade } from './judge-made';
import { type MadeCar, makeCar } from './made-car';

/** Ages at which cars are made, years. */
export const AGES = [10, 25, 40, 55, 70, 90, 115] as const;
export const STYLE_PLANS: readonly Plan[] = STYLES.map((s) => planOf(s.slug)!);

/** Numbers that the made cars are graded by. */
export type Numbers = ModelTables & Pick<GradedBy, 'grade'>;

/** A made car with its pieces as a full look finds them. */
export interface Looked {
  readonly made: MadeCar;
  readonly plan: Plan;
  readonly ageIndex: number;
  readonly judgement: Judgement;
  readonly pieces: readonly Piece[];
}

/** Axes and wholes of a judged car; where not all was seen, with what is to be reckoned with. */
export function figuresOf(judgement: Judgement, pieces: readonly Piece[], ageYears: number, by: GradedBy) {
  const gates = shutGates(judgement);
  const lost = lossesOfCar(judgement, pieces, ageYears, by.yardstick);
  const values = carValues(lost, gates, by);
  const cap = capOf('whole', gates);
  return {
    axes: Object.fromEntries(AXES.map((a) => [a, Math.min(capOf(a, gates), values.axes[a])])) as Record<Axis, number>,
    lenses: Object.fromEntries(LENSES.map((l) => [l, Math.min(cap, values.lenses[l].whole)])) as Record<Lens, number>,
  };
}

export type Figures = ReturnType<typeof figuresOf>;

/** Makes a car of the age at an index and looks at all of it. */
export function lookAtMade(random: Random, ageIndex: number, tables: ModelTables): Looked {
  const plan = STYLE_PLANS[Math.floor(random() * STYLE_PLANS.length)]!;
  const made = makeCar(random, plan, AGES[ageIndex]!);
  const judgement = judgeMade(plan, made, tables);
  return { made, plan, ageIndex, judgement, pieces: piecesOf(judgement) };
}

/** A look that leaves out parts of the car, single places or single things, as looks do. */
export function partOfALook(random: Random): Hidden {
  const style = random();
  const share = random();
  const views = new Set(VIEWS.filter(() => random() < share * 0.8));
  const zones = new Map<string, boolean>();
  const of = (key: string) => {
    if (!zones.has(key)) zones.set(key, random() < share);
    return zones.get(key)!;
  };
  if (style < 0.45) return (z) => views.has(z.view);
  if (style < 0.8) return (z) => views.has(z.view) || of(z.slug);
  return (z, aspect) => of(`${z.slug}/${aspect}`);
}
