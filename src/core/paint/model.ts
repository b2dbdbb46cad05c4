import { z } from 'zod';
import { type CorrectionResult, correctionOf } from '../gauge/correction';
import { defineModel, lacking, lackingIf, type PlannedCar, type SomeCar } from '../model/model';
import { defineTable } from '../model/table';
import { recordsOf } from '../records/reduce';
import { analysePaint, type PaintAnalysis } from './analyse';
import { filmInput } from './film-input';
import { DEFAULT_PROFILES, type PaintProfile, type PaintState, profileSchema } from './profiles';
import { gaugeCanRead, readingsNeeded } from './sampling';

const lossesSchema = z.object({
  source: z.string(),
  /** Share of redoing a panel's paint that is lost at certainty of filler, and of heavy build. */
  filled: z.number().min(0).max(1),
  heavy: z.number().min(0).max(1),
  /** Share of a panel's metal that filler over it leaves in doubt. */
  filledMetal: z.number().min(0).max(1),
  /** What a panel's paint being the works' weighs in authenticity, as a share of redoing that paint. */
  originality: z.number().min(0),
});

/** Chances of each panel's states under the school that asks for the works' paint. */
const survivorChances = (paint: PaintAnalysis) =>
  new Map(
    paint.zones.flatMap((z) =>
      z.state?.survivor ? [[z.zone, z.state.survivor as Record<PaintState, number>] as const] : [],
    ),
  );

/** Readings taken with a gauge of which nothing is stated. One that names no visit is taken with the gauge of the only one. */
function withoutGauge({ records }: SomeCar): number {
  const stated = new Set(recordsOf(records, 'visit').flatMap((v) => (v.body.gauge ? [v.id] : [])));
  return recordsOf(records, 'reading').filter(({ body }) =>
    body.visit === null ? stated.size === 0 : !stated.has(body.visit),
  ).length;
}

const gaugesOf = ({ records }: SomeCar) => recordsOf(records, 'visit').flatMap((v) => v.body.gauge ?? []);
const wasRead = ({ records }: SomeCar) => recordsOf(records, 'reading').length > 0;
const drifted = (c: CorrectionResult) => c.ok && c.drifted;

/** Painted panels outside that have fewer readings than their area asks for. */
function thin({ plan }: SomeCar, paint: PaintAnalysis) {
  const enough = new Set(paint.zones.filter((z) => z.enough).map((z) => z.zone));
  return [...(plan?.zones.values() ?? [])].filter(
    (z) =>
      z.view === 'outside' &&
      z.aspects.includes('paint') &&
      gaugeCanRead(z.metal) &&
      readingsNeeded(z.areaM2) > 0 &&
      !enough.has(z.slug),
  );
}

/** Bodies that no thickness gauge can read. */
const UNREADABLE: ReadonlySet<string> = new Set(['glass-fibre', 'wood']);

/** What the paint is, by its thickness and by what was seen for and against its being the works'. */
export const paint = defineModel({
  reads: ['reading', 'visit', 'mark', 'finding'],
  tables: {
    profiles: defineTable<readonly PaintProfile[]>({
      stored: 'paint-profiles',
      schema: z.array(profileSchema).min(1),
      defaults: DEFAULT_PROFILES,
    }),
    paintLosses: defineTable({
      stored: 'paint-losses-2',
      schema: lossesSchema,
      defaults: { source: 'house starting values', filled: 0.55, heavy: 0.07, filledMetal: 0.3, originality: 1 },
    }),
  },
  judge: ({ plan, records }, { profiles }) => analysePaint({ ...filmInput(records), profiles, plan }),
  losses: (judged, { paintLosses: t }) =>
    [...survivorChances(judged)].flatMap(([zone, c]) => [
      { zone, aspect: 'paint', share: c.filled * t.filled, sort: 'hidden' },
      { zone, aspect: 'paint', share: c.heavy * t.heavy },
      { zone, aspect: 'corrosion', share: c.filled * t.filledMetal, sort: 'hidden' },
    ]),
  original: (judged) => new Map([...survivorChances(judged)].map(([zone, c]) => [zone, c.factory])),
  parts: (judged, { paintLosses }, { plan }) => {
    const chances = survivorChances(judged);
    return [...plan.zones.values()]
      .filter((z) => z.view === 'outside' && z.aspects.includes('paint'))
      .map(({ slug }) => {
        const factory = chances.get(slug)?.factory;
        return {
          zone: slug,
          of: 'originality',
          axis: 'authenticity',
          like: 'paint',
          weight: paintLosses.originality,
          share: factory === undefined ? null : 1 - factory,
        };
      });
  },
  cautions: {
    'gauge-cannot-read': { rank: 60, when: (_j, { car }: PlannedCar) => UNREADABLE.has(car?.baseMetal ?? '') },
  },
  missing: {
    'gauge-not-stated': (_j, car) => lacking(withoutGauge(car), { blocks: true }),
    'gauge-not-checked': (_j, car) => lackingIf(wasRead(car) && gaugesOf(car).some((g) => g.checks.length === 0)),
    'no-temperature': (_j, car) =>
      lackingIf(wasRead(car) && recordsOf(car.records, 'visit').some((v) => v.body.temperatureC === null)),
    'gauge-drifted': (_j, car) => lackingIf(wasRead(car) && gaugesOf(car).some((g) => drifted(correctionOf(g.checks)))),
    'practice-readings': (_j, { records }) =>
      lacking(recordsOf(records, 'reading').filter((r) => r.body.origin === 'practice').length, { blocks: true }),
    'panels-thin': (judged, car) => {
      const list = judged ? thin(car, judged) : [];
      return lacking(list.length, { detail: list[0]?.slug ?? '' });
    },
  },
});
