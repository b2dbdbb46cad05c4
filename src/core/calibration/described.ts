import type { Plan } from '../body/plan';
import { planOf } from '../body/plan';
import { gradeCar } from '../grade/grade';
import type { GradedBy } from '../grade/graded-by';
import type { Lens } from '../grade/tables';
import { judge } from '../judge/judge';
import type { ModelTables } from '../judge/models';
import type { AnyRecord } from '../kinds';
import { withDefaults } from '../kinds/with-defaults';
import cars from './described-cars.json';

/** What of a grade people have given: a lens's median, the keeper lens's place among cars of the age (%), the distance (m). */
export type Figure = Lens | 'years' | 'presents';

/** A car described by what an inspector would write down, with the range in which people of the trade would grade it. */
export interface DescribedCar {
  readonly id: string;
  readonly says: string;
  readonly style: string;
  readonly year: number;
  readonly metal?: string;
  readonly film: string;
  readonly findings: readonly (readonly [zone: string, flaw: string, more: object])[];
  readonly expect: Readonly<Partial<Record<Figure, readonly [low: number, high: number]>>>;
}

export const DESCRIBED_CARS = cars as unknown as readonly DescribedCar[];

/** Year of the sale that the described cars are graded for. */
const ON_YEAR = 2026;
const AT = '2026-11-20T10:00:00.000Z';
const PANELS =
  'hood roof deck cowl fender.left fender.right door.left.front door.right.front quarter.left quarter.right rocker.left rocker.right'.split(
    ' ',
  );
/** Film readings of the panels one after the other, µm. */
const FILM: Readonly<Record<string, (i: number) => readonly number[]>> = {
  factory: () => [115, 120, 118, 125, 112, 119],
  respray: (i) => [230 + 5 * i, 260, 310, 280, 240, 300],
  mixed: (i) => (i % 2 ? [500, 500, 420, 500, 380, 500] : [250, 300, 330, 280, 260, 290]),
};
const CEILING_UM = 500;

/** The records of a described car: every zone and aspect seen clean but for what is named. */
export function recordsOfDescribed(car: DescribedCar, plan: Plan): AnyRecord[] {
  let n = 0;
  const row = (kind: string, body: object) =>
    withDefaults({
      id: `00000000-0000-7000-8000-${String(++n).padStart(12, '0')}`,
      kind,
      version: 1,
      body,
    } as AnyRecord);
  const visit = row('visit', {
    startedAt: AT,
    inspector: 'Ilse Brandvik',
    gauge: { kind: 'combined', name: 'Survey gauge 2', ceilingUm: CEILING_UM, checks: [] },
  });
  const looks = [...plan.zones.values()].flatMap((z) =>
    z.aspects.map((aspect) => row('look', { zone: z.slug, aspect, outcome: 'clean', why: null, at: AT })),
  );
  const film = FILM[car.film];
  const readings = PANELS.filter((z) => film && plan.zones.has(z)).flatMap((zone, i) =>
    film!(i).map((um) =>
      row('reading', {
        zone,
        state: um >= CEILING_UM ? 'over' : 'read',
        thicknessUm: um,
        typed: { text: String(um), unit: 'um' },
        visit: visit.id,
        confirmed: true,
        at: AT,
      }),
    ),
  );
  const body = { make: 'Quillon', model: 'Halyard', year: car.year, style: car.style, baseMetal: car.metal ?? 'steel' };
  return [
    row('car', { ...body, paintType: 'single-stage', colour: 'green', chassisNumber: 'QH67-00123' }),
    visit,
    ...looks,
    ...readings,
    ...car.findings.map(([zone, flaw, more]) => row('finding', { zone, flaw, at: AT, ...more })),
  ];
}

/** How a described car is graded by some numbers, in the figures that people gave. */
export interface Described {
  readonly car: DescribedCar;
  readonly figures: readonly {
    readonly figure: Figure;
    readonly value: number;
    readonly range: readonly [number, number];
    readonly inRange: boolean;
  }[];
}

export function gradeDescribed(car: DescribedCar, tables: ModelTables & GradedBy): Described {
  const plan = planOf(car.style)!;
  const grade = gradeCar(judge({ plan, records: recordsOfDescribed(car, plan), tables }), ON_YEAR, tables);
  const value = (figure: Figure) => {
    if (figure === 'presents') return grade.presents.metres;
    const whole = grade.whole.find((w) => w.lens === (figure === 'years' ? 'keeper' : figure))!;
    return figure === 'years' ? whole.forItsYears : whole.grade.value!;
  };
  return {
    car,
    figures: (Object.entries(car.expect) as [Figure, [number, number]][]).map(([figure, range]) => {
      const v = value(figure);
      return { figure, value: v, range, inRange: v >= range[0] && v <= range[1] };
    }),
  };
}
