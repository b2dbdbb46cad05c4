import type { Plan } from '../body/plan';
import { DEFAULT_LEAK_TABLE, type LeakTable, leakTableSchema } from '../catalogue/leak-places';
import { sameName } from '../catalogue/same-name';
import type { BodyOf } from '../kinds';
import { defineModel, type Loss, lacking, type PlannedCar } from '../model/model';
import { defineTable } from '../model/table';
import { recordsOf } from '../records/reduce';
import { type LeakLayout, layoutOf } from './reach';
import { type LeakAnswer, leakSources } from './sources';

const layouts = new WeakMap<LeakTable, Map<string, LeakLayout>>();
const FIRST = 'front-engine';

/** The layout of a make, kept for each table. */
export function leakLayout(car: Pick<BodyOf<'car'>, 'make'> | null, t: LeakTable): LeakLayout {
  const name = t.makes.find((m) => sameName(m.make, car?.make ?? ''))?.template ?? FIRST;
  const kept = layouts.get(t) ?? new Map<string, LeakLayout>();
  layouts.set(t, kept);
  const layout = kept.get(name) ?? layoutOf(t, name) ?? layoutOf(t, Object.keys(t.templates).sort()[0]!)!;
  kept.set(name, layout);
  return layout;
}

/** Share of redoing what seals at a place that a leak takes, by how much comes out; house values as those of findings. */
const TAKES = { dry: 0, damp: 0.25, wet: 0.45, drips: 0.7 } as const;
const LEAK_FLAWS: ReadonlySet<string> = new Set(['leak-damp', 'leak-drips']);

/** The zone of the plan that a leak place lies on, if it looks after leaks. */
function zoneOf(place: string, layout: LeakLayout, plan: Plan): string | null {
  const on = layout.get(place)?.on;
  const zone = on ? plan.zones.get(on.zone) : undefined;
  if (zone?.aspects.includes('leaks')) return zone.slug;
  return plan.zones.get('engine')?.aspects.includes('leaks') ? 'engine' : null;
}

/** Where fluid, air or gas comes out, and from where it comes. */
export const leaks = defineModel({
  reads: ['wet', 'finding'],
  tables: {
    leakGraph: defineTable<LeakTable>({ stored: 'leak-graph', schema: leakTableSchema, defaults: DEFAULT_LEAK_TABLE }),
  },
  judge: ({ plan, records, car }: PlannedCar, { leakGraph: t }) => {
    const layout = leakLayout(car, t);
    const wet = recordsOf(records, 'wet');
    const known = wet.filter((w) => layout.has(w.body.place));
    const answer: LeakAnswer = leakSources(
      known.map((w) => w.body),
      layout,
      t,
    );
    const said = new Set(
      recordsOf(records, 'finding')
        .filter((f) => LEAK_FLAWS.has(f.body.flaw))
        .map((f) => f.body.zone),
    );
    return {
      layout,
      wet,
      /** Places that this car does not have: shown as not understood, never judged. */
      odd: wet.filter((w) => !layout.has(w.body.place)),
      answer,
      said,
      /** Where on the plan each source counts. */
      zones: new Map(answer.sources.map((s) => [s.place, zoneOf(s.place, layout, plan)])) as ReadonlyMap<
        string,
        string | null
      >,
      fuel: known.some((w) => w.body.fluid === 'fuel' && w.body.amount !== 'dry'),
      gas: known.some((w) => w.body.fluid === 'gas' && w.body.amount !== 'dry'),
    };
  },
  losses: ({ wet, answer, said, zones }): readonly Loss[] =>
    answer.sources
      .filter((s) => s.chance >= 0.5)
      .flatMap((s) => {
        const zone = zones.get(s.place) ?? null;
        if (zone === null || said.has(zone)) return [];
        const worst = Math.max(0, ...wet.filter((w) => w.body.place === s.place).map((w) => TAKES[w.body.amount]));
        return [{ zone, aspect: 'leaks' as const, share: s.chance * Math.max(worst, TAKES.damp) }];
      }),
  cautions: {
    'fuel-seen-leaking': { rank: 41, when: (j) => j.fuel },
    'exhaust-gas-leaks': { rank: 42, when: (j) => j.gas },
  },
  missing: {
    'leak-source-open': (judged) => {
      const [first] = judged?.answer.sources ?? [];
      return lacking(first && first.chance < 0.6 && judged!.answer.next ? 1 : 0, {
        detail: judged?.answer.next?.look ?? '',
      });
    },
  },
});
export type JudgedLeaks = ReturnType<typeof leaks.judge>;
