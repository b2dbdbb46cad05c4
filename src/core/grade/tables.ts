import { z } from 'zod';
import { AXES, type Axis } from '../catalogue/axes';
import { defineTable } from '../model/table';

export const LENSES = ['keeper', 'tourer', 'show', 'project'] as const;
export type Lens = (typeof LENSES)[number];

const perAxis = <T extends z.ZodType>(value: T) =>
  z.object(Object.fromEntries(AXES.map((a) => [a, value])) as Record<Axis, T>);

/** Every number the grade rests on. Editable per organisation; each row has unit and source. */
export const gradeTablesSchema = z.object({
  source: z.string(),
  /** Condition (0 to 100) expected of an unseen part: at age 0, lost per decade, not below, and the spread between cars. */
  expectation: perAxis(
    z.object({ new: z.number(), perDecade: z.number(), floor: z.number(), sd: z.number().positive() }),
  ),
  /** How alike the unseen parts of one car are, 0 to 1 (share of the variance that is the car's own). */
  withinCar: z.number().min(0).max(1),
  /** Condition and its doubt where a look found nothing, and the doubt where it found something. */
  seen: z.object({ clean: z.number(), cleanSd: z.number(), findingSd: z.number() }),
  /** How alike the axes of one car are, 0 to 1: cars good in one way tend to be good in others. */
  acrossAxes: z.number().min(0).max(1),
  /** How much harder a finding's loss weighs on the condition of its place than in the catalogue. */
  lossScale: z.number().positive(),
  /** Doubt of any judgement of an axis, however much was seen: a standard deviation in points. */
  judgementSd: z.number().nonnegative(),
  /** How much an axis loses by being uneven: points per point of spread between its seen parts. */
  unevenness: z.number().nonnegative(),
  /** Weight of a structural zone against another of the same area. */
  structuralWeight: z.number().positive(),
  /** Weight of a zone by its area: weight = max(floor, √m²). */
  areaFloor: z.number().positive(),
  lenses: z.record(z.enum(LENSES), perAxis(z.number().nonnegative())),
  /** Exponent of the weighted power mean; below 1 so that one bad axis shows. */
  exponent: z.number().lt(1),
  bands: z.array(z.object({ name: z.string(), from: z.number() })),
  /** Eye: metres from which a full-contrast mark of 1 mm is told (one minute of arc), how that grows with size and up to which size (a long scratch is no wider than a short one), what is left at no contrast, on metallic paint and when touched in; the farthest said. */
  eye: z.object({
    mPerMm: z.number(),
    sizeExponent: z.number().positive(),
    largestMm: z.number().positive(),
    atNoContrast: z.number(),
    metallic: z.number(),
    touchedIn: z.number(),
    farthestM: z.number(),
    /** How many findings with a stated distance count as much as the model itself, and the most it is corrected by, as a factor. */
    modelCounts: z.number().positive().default(3),
    mostCorrection: z.number().min(1).default(2),
  }),
  /** Share of all places seen, 0 to 1, below which no band is named and no rank among cars of its age is said. */
  bandFromSeen: z.number().min(0).max(1).default(0.5),
  draws: z.number().int().positive(),
});
export type GradeTables = z.infer<typeof gradeTablesSchema>;

const expect = (newAt: number, perDecade: number, floor: number, sd: number) => ({ new: newAt, perDecade, floor, sd });

export const DEFAULT_GRADE_TABLES: GradeTables = {
  source: 'house starting values; eye after one minute of arc (visual acuity 6/6, ISO 8596)',
  expectation: {
    finish: expect(96, 6, 52, 17),
    fit: expect(94, 3, 66, 12),
    brightwork: expect(95, 6, 52, 17),
    metal: expect(97, 7, 50, 19),
    'glass-soft': expect(96, 6, 50, 15),
    cabin: expect(95, 6, 52, 16),
    running: expect(95, 6, 50, 18),
    underside: expect(95, 8, 45, 20),
    authenticity: expect(92, 4, 58, 20),
  },
  withinCar: 0.45,
  seen: { clean: 94, cleanSd: 5, findingSd: 8 },
  acrossAxes: 0.5,
  lossScale: 2.2,
  judgementSd: 4,
  unevenness: 0.6,
  structuralWeight: 2,
  areaFloor: 0.2,
  lenses: {
    keeper: {
      finish: 3,
      fit: 2,
      brightwork: 2,
      metal: 4,
      'glass-soft': 1,
      cabin: 3,
      running: 2,
      underside: 3,
      authenticity: 6,
    },
    tourer: {
      finish: 2,
      fit: 2,
      brightwork: 1,
      metal: 4,
      'glass-soft': 2,
      cabin: 3,
      running: 6,
      underside: 4,
      authenticity: 1,
    },
    show: {
      finish: 6,
      fit: 4,
      brightwork: 5,
      metal: 3,
      'glass-soft': 2,
      cabin: 4,
      running: 1,
      underside: 2,
      authenticity: 2,
    },
    project: {
      finish: 1,
      fit: 2,
      brightwork: 3,
      metal: 6,
      'glass-soft': 2,
      cabin: 2,
      running: 2,
      underside: 5,
      authenticity: 3,
    },
  },
  exponent: -0.5,
  bands: [
    { name: 'Exhibit', from: 90 },
    { name: 'Proud', from: 78 },
    { name: 'Honest', from: 62 },
    { name: 'Working', from: 45 },
    { name: 'Project', from: 25 },
    { name: 'Donor', from: 0 },
  ],
  eye: {
    mPerMm: 3.44,
    sizeExponent: 0.3,
    largestMm: 40,
    atNoContrast: 0.12,
    metallic: 0.6,
    touchedIn: 0.4,
    farthestM: 10,
    modelCounts: 3,
    mostCorrection: 2,
  },
  bandFromSeen: 0.5,
  draws: 2000,
};

export const gradeTable = defineTable<GradeTables>({
  stored: 'grade',
  schema: gradeTablesSchema as z.ZodType<GradeTables>,
  defaults: DEFAULT_GRADE_TABLES,
});
