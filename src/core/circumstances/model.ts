import { z } from 'zod';
import { findings } from '../findings/model';
import type { PlannedCar } from '../model/model';
import { defineModel, lacking, lackingIf } from '../model/model';
import { defineTable } from '../model/table';
import { schoolOf } from '../photo/school';
import { missingViews, standardViews } from '../photo/standard-views';
import { recordsOf } from '../records/reduce';

const capsSchema = z.object({
  source: z.string(),
  /** The most that authenticity can be graded without a chassis number, 0 to 100. */
  noIdentity: z.number().min(0).max(100),
  /** First year of cars whose old coatings hold no lead, and brakes no asbestos. */
  leadBeforeYear: z.number().int().default(1980),
});

const noIdentityBefore = (kept: ReadonlyMap<string, unknown>) => {
  const grade = kept.get('grade') as { gates?: { noIdentity?: unknown }; source?: string } | undefined;
  return grade?.gates && { source: grade.source, noIdentity: grade.gates.noIdentity };
};

interface Circumstances {
  readonly identified: boolean;
  /** It was driven; or, where no road test was noted, it might have been. */
  readonly drivable: boolean;
  readonly old: boolean;
}

const mayBeOld = ({ car }: PlannedCar, before: number) => !car?.year || car.year < before;

/** What the car is, who looked at it and when, and what its owner allows. */
export const circumstances = defineModel({
  reads: ['visit', 'road', 'photo'],
  needs: { findings },
  tables: {
    identityCaps: defineTable({
      stored: 'identity-caps',
      schema: capsSchema,
      defaults: { source: 'house starting values', noIdentity: 50, leadBeforeYear: 1980 },
      was: noIdentityBefore,
    }),
  },
  judge: (given, { identityCaps }, needs): Circumstances => ({
    identified: Boolean(given.car?.chassisNumber),
    drivable:
      recordsOf(given.records, 'road')[0]?.body.driven ??
      (given.car?.leave.drive === 'yes' && needs.findings.structural.length === 0),
    old: mayBeOld(given, identityCaps.leadBeforeYear),
  }),
  gates: {
    'no-identity': {
      caps: 'authenticity',
      at: (t) => t.identityCaps.noIdentity,
      shut: (j: Circumstances) => !j.identified,
    },
  },
  cautions: {
    'not-driven': { rank: 50, when: (j) => !j.drivable },
    'old-paint-lead': { rank: 70, when: (j) => j.old },
    'brake-dust-asbestos': { rank: 80, when: (j) => j.old },
    'local-law': { rank: 90, when: () => true },
  },
  missing: {
    'no-car': (_j, { car, plan }) => lackingIf(!car || !plan, { blocks: true }),
    'no-visit': (_j, { records }) => lackingIf(recordsOf(records, 'visit').length === 0, { blocks: true }),
    'no-chassis-number': (_j, { car }) => lackingIf(car !== null && !car.chassisNumber),
    'standard-views': (_j, { plan, records }) => {
      if (!plan) return lacking(0);
      const pictures = recordsOf(records, 'photo').map((p) => p.body);
      // Without any picture that is said by itself.
      if (pictures.length === 0) return lacking(0);
      const views = missingViews(standardViews(plan, schoolOf(records)), pictures);
      return lacking(views.length, { detail: views[0]?.id ?? '' });
    },
    'no-leave': (_j, { car }) => lackingIf(car !== null && Object.values(car.leave).some((l) => l === 'not-asked')),
  },
});
