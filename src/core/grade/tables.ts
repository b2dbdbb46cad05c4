import { z } from 'zod';
import { AXES, type Axis } from '../catalogue/axes';

export const LENSES = ['keeper', 'tourer', 'show', 'project'] as const;
export type Lens = (typeof LENSES)[number];

const perAxis = <T extends z.ZodType>(value: T) =>
  z.object(Object.fromEntries(AXES.map((a) => [a, value])) as Record<Axis, T>);

const share = z.number().min(0).max(1);
const points = z.number().min(0).max(100);
const rises = (pairs: readonly (readonly [number, number])[]) =>
  pairs.every(([x, y], i) => i === 0 || (x > pairs[i - 1]![0] && y >= pairs[i - 1]![1]));

/** Points lost by share of the axis's redoing, straight between; never falling. */
const curveSchema = z
  .array(z.tuple([share, points]))
  .min(2)
  .refine((c) => c[0]![0] === 0 && c[0]![1] === 0 && rises(c), {
    message: 'A curve begins at 0, 0 and never falls: more work never loses fewer points.',
  });

const lensSchema = z.object({
  /** What each axis weighs in the whole. */
  weights: perAxis(z.number().nonnegative()),
  /** How much this school minds the losses of an axis, against all schools. */
  minds: perAxis(z.number().nonnegative()),
  /** How much it minds age on what the works made, and what lies hidden. */
  patina: z.number().nonnegative(),
  hidden: z.number().nonnegative(),
  /** How much it minds what is not there, or not the right one. */
  incomplete: z.number().nonnegative().default(1),
});

/** Every number the grade rests on. Editable per organisation; each row has unit and source. */
export const gradeTablesSchema = z.object({
  source: z.string(),
  /** Points that any look can miss. */
  missed: points,
  curves: perAxis(curveSchema),
  lenses: z.record(z.enum(LENSES), lensSchema),
  /** Exponent of the weighted power mean; below 1 so that one bad axis shows. */
  exponent: z.number().lt(1),
  /** What is left of the running axis where one thing ends the use of the car, and of that for every further one. */
  ends: z.object({ first: share, further: share }),
  /** Chance that a place's finish is the works' where nothing tells. */
  originalUntold: share,
  /** Doubt of any judgement, however much was seen: a standard deviation in points. */
  judgementSd: z.number().nonnegative(),
  /** Power by which the doubts of axes make that of the whole: above 1, one axis in much doubt counts for more than many in little. */
  doubtTogether: z.number().min(1),
  /** What of a place counts as not seen where only a finding or a figure is on record and nobody said that the rest is clean. */
  partlySeen: share,
  bands: z.array(z.object({ name: z.string(), from: z.number() })),
  /** Share of all places seen below which no band is named and no rank among cars of its age is said. */
  bandFromSeen: share.default(0.5),
  /**
   * From where a fault is noticed by somebody who is not looking for it, in metres: of one of full contrast and 1 mm, by how
   * that grows with contrast, with size and with number; on metallic paint and where touched in; by place; and how several
   * faults add up. `pointed`: how many times as far it is told by one who knows where to look.
   */
  notice: z.object({
    mPerRootMm: z.number().positive(),
    byContrast: z.number().positive(),
    bySize: z.number().positive(),
    byCount: z.number().nonnegative(),
    metallic: z.number().positive(),
    touchedIn: z.number().positive(),
    /** Zones, or first words of theirs, that are looked at from above or low down. */
    places: z.record(z.string(), z.number().positive()),
    /** Colours below this lightness (CIE L*) are dark, on which some flaws hide and others show. */
    darkBelowL: z.number(),
    together: z.number().min(1),
    farthestM: z.number().positive(),
    /** How many findings with a stated distance count as much as the model itself, and the most it is corrected by, as a factor. */
    modelCounts: z.number().positive(),
    mostCorrection: z.number().min(1),
  }),
});
export type GradeTables = z.infer<typeof gradeTablesSchema>;
export type Curve = GradeTables['curves'][Axis];
export type LensTable = GradeTables['lenses'][Lens];
