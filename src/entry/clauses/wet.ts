import { DEFAULT_LEAK_TABLE, type Fluid, type LeakAmount } from '@/core/catalogue/leak-places';
import { FLUID_WORDS, LEAK_AMOUNT_WORDS } from '@/words/leaks';
import { defineClause } from '../clause';
import type { Entry, EntryContext } from '../context';
import { type PhraseTable, phraseTable } from '../lexicon';
import { FILLER } from '../phrases';
import type { TokenCursor } from '../token-cursor';

interface WetItem {
  readonly kind: 'wet';
  readonly place: string;
  readonly amount: LeakAmount;
  readonly fluid: Fluid | null;
}

/** What people call places beside the table's own names; places that are also zones of the plan are told by their fluid. */
const ALSO: Readonly<Record<string, readonly string[]>> = {
  'engine.valve-cover': ['valve cover', 'rocker cover', 'cam cover'],
  'engine.rear-main': ['rear main', 'rear main seal'],
  'engine.front-seal': ['front crank seal', 'front main', 'front main seal', 'timing cover'],
  'engine.pan': ['oil pan', 'sump', 'pan gasket', 'sump gasket'],
  'engine.filter': ['oil filter'],
  'engine.water-pump': ['water pump'],
  'engine.thermostat': ['thermostat housing', 'thermostat'],
  bellhousing: ['bell housing', 'bellhousing', 'bell-housing'],
  'hose.upper': ['upper hose', 'top hose'],
  'hose.lower': ['lower hose', 'bottom hose'],
  'hose.heater': ['heater hose'],
  'heater.core': ['heater core', 'heater matrix'],
  'transmission.pan': ['transmission pan', 'gearbox pan', 'trans pan'],
  'transmission.output': ['output seal', 'tailshaft seal', 'tail shaft seal'],
  'transmission.cooler-lines': ['cooler lines', 'cooler line'],
  'axle.pinion': ['pinion seal', 'pinion'],
  'axle.cover': ['diff cover', 'axle cover', 'differential cover'],
  'brake.master': ['master cylinder', 'brake master cylinder', 'brake master'],
  'brake.line': ['brake line', 'brake lines', 'brake hose', 'brake pipe', 'brake pipes'],
  'clutch.master': ['clutch master', 'clutch master cylinder'],
  'clutch.line': ['clutch line', 'clutch hose'],
  'engine.intake': ['intake', 'intake manifold', 'inlet manifold'],
  'transmission.front': ['front transmission seal', 'front pump seal', 'input seal'],
  'washer.tank': ['washer tank', 'washer bottle'],
  tank: ['tank', 'fuel tank', 'gas tank', 'petrol tank'],
  radiator: ['radiator', 'rad'],
  ...Object.fromEntries(
    (['left', 'right'] as const).flatMap((side) => [
      [`axle.end.${side}`, [`${side} axle end`, `${side} axle seal`, `${side} half shaft seal`]],
      ...(['front', 'rear'] as const).flatMap((end) => [
        [`shock.${side}.${end}`, ['shock', 'shock absorber', 'damper'].map((s) => `${side} ${end} ${s}`)],
        [
          `brake.wheel.${side}.${end}`,
          ['wheel cylinder', 'caliper', 'brake cylinder'].map((s) => `${side} ${end} ${s}`),
        ],
      ]),
    ]),
  ),
  'clutch.slave': ['slave cylinder', 'clutch slave'],
  'steering.box': ['steering box'],
  'steering.rack': ['steering rack', 'rack'],
  'steering.pump': ['steering pump', 'power steering pump'],
  'tank.sender': ['fuel sender', 'tank sender'],
  'fuel.line': ['fuel line', 'fuel lines'],
  'fuel.pump': ['fuel pump'],
  carburetor: ['carburetor', 'carburettor', 'carb'],
};
const PLACES = phraseTable(Object.entries(ALSO).filter(([p]) => p in DEFAULT_LEAK_TABLE.places));
const AMOUNTS: PhraseTable<LeakAmount> = phraseTable<LeakAmount>([
  ['drips', ['drips', 'dripping', 'a drip', 'leaking', 'leaks']],
  ['wet', ['wet']],
  ['damp', ['damp', 'weeping', 'weeps', 'seeping', 'seeps', 'moist', 'sweating']],
  ['dry', ['dry', 'bone dry', 'no leaks', 'no leak']],
]);
const FLUIDS: PhraseTable<Fluid> = phraseTable<Fluid>([
  ['engine-oil', ['with oil', 'with engine oil', 'engine oil', 'oil']],
  ['coolant', ['with coolant', 'coolant']],
  ['transmission', ['with transmission fluid', 'transmission fluid', 'with red oil', 'red oil']],
  ['brake', ['with brake fluid', 'brake fluid']],
  ['fuel', ['with fuel', 'with petrol', 'with gas', 'petrol', 'fuel']],
  ['differential', ['with gear oil', 'gear oil']],
]);

/** `rear main weeping`, `water pump dry`: a place where fluid can come out, and how wet it is. */
function readWet(line: TokenCursor, context: EntryContext): Entry<WetItem> | null {
  const place = line.take(PLACES)?.value;
  const amount = place ? line.take(AMOUNTS)?.value : undefined;
  if (!place || !amount) return null;
  const fluid = line.take(FLUIDS)?.value ?? null;
  // A tank that drips is a finding at the tank, unless its fluid is named or it is talk.
  if (fluid === null && !context.talk && context.plan.zones.has(place)) return null;
  while (line.take(FILLER));
  return line.rest().length > 0 ? null : { items: [{ kind: 'wet', place, amount, fluid }], problems: [] };
}

export const wet = defineClause<WetItem>({
  words: [PLACES, AMOUNTS, FLUIDS],
  read: ({ line, quoted }, context) => (quoted ? null : readWet(line, context)),
  items: {
    wet: {
      puts: ({ place, amount, fluid }, { at }) => [
        { kind: 'wet', body: { place, amount, fluid: amount === 'dry' ? null : fluid, at } },
      ],
      chips: ({ place, amount, fluid }) => [
        DEFAULT_LEAK_TABLE.places[place]!.name,
        [LEAK_AMOUNT_WORDS[amount], fluid ? FLUID_WORDS[fluid] : ''].filter(Boolean).join(', '),
      ],
      facts: ({ place, amount, fluid }) =>
        amount === 'dry' ? [] : [['wet', place, fluid ?? ''].filter(Boolean).join(' ')],
    },
  },
});
