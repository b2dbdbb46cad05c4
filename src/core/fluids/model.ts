import {
  type CheckedFluid,
  DEFAULT_FLUIDS,
  type FluidMeaning,
  type FluidTable,
  fluidTableSchema,
} from '../catalogue/fluid-states';
import type { StoredRecord } from '../kinds';
import { defineModel, type Loss, type PlannedCar } from '../model/model';
import { defineTable } from '../model/table';
import { takenTogether } from '../model/together';
import { recordsOf } from '../records/reduce';

/** A fluid with what its level and its look mean. */
export interface JudgedFluid {
  readonly id: string;
  readonly fluid: CheckedFluid;
  readonly body: StoredRecord<'fluid'>['body'];
  readonly means: readonly FluidMeaning[];
  /** Where on this car its state counts; null: nowhere. */
  readonly zone: string | null;
}

/** Zones whose function a fluid stands for. */
const AT: Readonly<Record<CheckedFluid, string>> = {
  'engine-oil': 'engine',
  coolant: 'radiator',
  brake: 'reservoir.brake',
  clutch: 'reservoir.brake',
  'power-steering': 'steering',
  transmission: 'engine',
  differential: 'engine',
  washer: 'dash',
};

/** Fluids as they were found, and what that means; two that tell of each other are told as such. */
export const fluids = defineModel({
  reads: ['fluid'],
  tables: {
    fluids: defineTable<FluidTable>({ stored: 'fluids', schema: fluidTableSchema, defaults: DEFAULT_FLUIDS }),
  },
  judge: ({ plan, records }: PlannedCar, { fluids: t }) => {
    // Of several looks at one fluid the latest holds.
    const latest = new Map<CheckedFluid, StoredRecord<'fluid'>>();
    for (const r of recordsOf(records, 'fluid')) {
      const before = latest.get(r.body.fluid);
      if (!before || Date.parse(before.body.at) <= Date.parse(r.body.at)) latest.set(r.body.fluid, r);
    }
    const all = [...latest.values()].map((r): JudgedFluid => {
      const { fluid, level, looks } = r.body;
      const means = t.meanings.filter(
        (m) => m.fluid === fluid && (m.when === level || (looks as readonly string[]).includes(m.when)),
      );
      const zone = plan.zones.get(AT[fluid])?.aspects.includes('function') ? AT[fluid] : null;
      return { id: r.id, fluid, body: r.body, means, zone };
    });
    const looks = (fluid: CheckedFluid) => latest.get(fluid)?.body.looks ?? [];
    return {
      all,
      /** Oil and coolant in each other: two signs are more than one. */
      crossed: looks('engine-oil').includes('milky') && looks('coolant').includes('oily'),
      stop: all.filter((f) => f.means.some((m) => m.stop)),
    };
  },
  losses: ({ all }): readonly Loss[] =>
    all.flatMap(({ zone, means }) => {
      const share = takenTogether(means.map((m) => m.share));
      return zone === null || share === 0 ? [] : [{ zone, aspect: 'function' as const, share, as: 'fluids' }];
    }),
  cautions: {
    'fluid-stop': { rank: 43, when: (j) => j.stop.length > 0 },
  },
});
export type JudgedFluids = ReturnType<typeof fluids.judge>;
