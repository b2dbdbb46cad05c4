import { DEFAULT_MECH, type MechPart, type MechTable, mechTableSchema } from '../catalogue/mechanical';
import { type Stance, stanceOf } from '../fit/stance';
import type { StoredRecord } from '../kinds';
import { defineModel, type Loss, lacking, type PlannedCar } from '../model/model';
import { defineTable } from '../model/table';
import { recordsOf } from '../records/reduce';

/** A part of the running gear with how it was found last; null: nobody looked. */
export interface MechLine {
  readonly id: string;
  readonly of: MechPart;
  readonly record: StoredRecord<'mech'> | null;
}

/** How the car stands on its springs; null: not measured, or level. */
export type Sag = { readonly side: 'left' | 'right'; readonly mm: number } | { readonly refused: 'twist' } | null;

/**
 * Which side stands lower by the heights of the wheel arches. The body is stiff: its four corners lie in a plane, so that the
 * lean is the same at both ends whichever spring sags. Heights in no plane tell the floor, the tires or an arch, and no spring.
 */
export function sagOf(stance: Stance | null, { leanMm, twistMm }: MechTable['sag']): Sag {
  if (!stance) return null;
  if (Math.abs(stance.leanFrontMm - stance.leanRearMm) > twistMm) return { refused: 'twist' };
  const lean = (stance.leanFrontMm + stance.leanRearMm) / 2;
  return Math.abs(lean) < leanMm ? null : { side: lean < 0 ? 'left' : 'right', mm: Math.round(Math.abs(lean)) };
}

const BAD: ReadonlySet<string> = new Set(['play', 'broken']);

/** Steering, suspension, brakes, driveline and exhaust, from below. */
export const mechanical = defineModel({
  reads: ['mech', 'stance'],
  tables: {
    mechanical: defineTable<MechTable>({ stored: 'mechanical', schema: mechTableSchema, defaults: DEFAULT_MECH }),
  },
  judge: ({ plan, records }: PlannedCar, { mechanical: t }) => {
    const said = new Map(recordsOf(records, 'mech').map((m) => [m.body.part, m]));
    // In the order of the shipped table where it names them: a table that was sealed has its own in that of their names.
    const order = [...Object.keys(DEFAULT_MECH.parts), ...Object.keys(t.parts).sort()];
    const lines = [...new Set(order)].flatMap((id): MechLine[] => {
      const of = t.parts[id];
      return of ? [{ id, of, record: said.get(id) ?? null }] : [];
    });
    return {
      lines,
      begun: said.size > 0,
      sag: sagOf(stanceOf(records), t.sag),
      wrong: lines.filter((l) => l.record && l.record.body.state !== 'sound' && l.record.body.state !== 'unseen'),
      /** Not to be driven with it. */
      unsafe: lines.filter((l) => l.of.safety && BAD.has(l.record?.body.state ?? '')),
      zone: ['steering', 'engine'].find((z) => plan.zones.get(z)?.aspects.includes('function')) ?? null,
    };
  },
  losses: ({ wrong, zone }, { mechanical: t }): readonly Loss[] =>
    zone === null
      ? []
      : wrong.map((l) => ({
          zone,
          aspect: 'function' as const,
          as: 'running-gear',
          share: l.of.share * t.states[l.record!.body.state as keyof MechTable['states']],
        })),
  cautions: {
    'running-gear-unsafe': { rank: 32, when: (j) => j.unsafe.length > 0 },
  },
  missing: {
    'running-gear-unseen': (judged) => {
      const open = judged?.begun ? judged.lines.filter((l) => l.record === null) : [];
      return lacking(open.length, { detail: open[0]?.of.name ?? '' });
    },
  },
});
export type JudgedMechanical = ReturnType<typeof mechanical.judge>;
