import { type CheckedFluid, FLUID_LEVELS, type FluidLevel, type FluidLook } from '@/core/catalogue/fluid-states';
import { recordsOf } from '@/core/records/reduce';
import { FLUID_LEVEL_WORDS, FLUID_LOOK_WORDS, FLUID_WORDS } from '@/words/leaks';
import { defineClause } from '../clause';
import { type Entry, refused } from '../context';
import { type PhraseTable, phraseTable } from '../lexicon';
import { FILLER } from '../phrases';
import type { TokenCursor } from '../token-cursor';

interface FluidItem {
  readonly kind: 'fluid';
  readonly fluid: CheckedFluid;
  readonly level: FluidLevel | null;
  readonly looks: readonly FluidLook[];
}

const FLUIDS: PhraseTable<CheckedFluid> = phraseTable<CheckedFluid>([
  ['engine-oil', ['engine oil', 'motor oil', 'oil']],
  ['coolant', ['coolant', 'antifreeze', 'radiator water']],
  ['brake', ['brake fluid']],
  ['clutch', ['clutch fluid']],
  ['power-steering', ['power steering fluid', 'steering fluid']],
  ['transmission', ['transmission fluid', 'trans fluid', 'gearbox oil', 'transmission oil', 'atf']],
  ['differential', ['axle oil', 'diff oil', 'differential oil', 'rear axle oil']],
  ['washer', ['washer fluid', 'screen wash', 'washer bottle', 'washer reservoir']],
]);
type State = FluidLevel | FluidLook;
const STATES: PhraseTable<State> = phraseTable<State>([
  ['full', ['full', 'on the mark', 'at the mark']],
  ['low', ['low', 'down', 'below the mark']],
  ['empty', ['empty', 'bone dry']],
  ['over', ['overfilled', 'over full']],
  ['clean', ['clean', 'clear', 'honey coloured', 'like new']],
  ['dark', ['dark', 'black', 'old', 'brown']],
  ['milky', ['milky', 'mayonnaise', 'creamy', 'emulsified']],
  ['water', ['plain water', 'just water', 'only water']],
  ['rusty', ['rusty', 'rust in it', 'brown with rust']],
  ['burnt', ['burnt', 'smells burnt', 'burnt smell']],
  ['debris', ['bits in it', 'debris', 'metal in it', 'glitter']],
  ['oily', ['oily', 'oil film', 'oil film on it', 'oil on top']],
  ['foamy', ['bubbles', 'bubbles in it', 'foamy', 'frothy']],
  ['sludge', ['sludge', 'sludgy']],
]);
const LEVELS: ReadonlySet<string> = new Set(FLUID_LEVELS);

/** `brake fluid dark and low`, `oil milky`: a fluid as it was found. Refuses words that say something else besides. */
function readFluid(line: TokenCursor): Entry<FluidItem> | null {
  const at = line.left.findIndex((t) => t !== null);
  const found = line.take(FLUIDS);
  // The fluid stands first: "engine oil leak" and "oil on the floor" speak of something else.
  if (!found || found.at !== at) return null;
  const states: State[] = [];
  for (let s = line.take(STATES); s; s = line.take(STATES)) states.push(s.value);
  while (line.take(FILLER));
  if (states.length === 0 || line.rest().length > 0) return null;
  const levels = states.filter((s): s is FluidLevel => LEVELS.has(s));
  if (new Set(levels).size > 1) return refused({ kind: 'not-understood', words: levels.join(' ') });
  return {
    items: [
      {
        kind: 'fluid',
        fluid: found.value,
        level: levels[0] ?? null,
        looks: [...new Set(states.filter((s): s is FluidLook => !LEVELS.has(s)))],
      },
    ],
    problems: [],
  };
}

export const fluid = defineClause<FluidItem>({
  words: [FLUIDS, STATES],
  read: ({ line, quoted }) => (quoted ? null : readFluid(line)),
  items: {
    fluid: {
      puts: ({ fluid: f, level, looks }, { at }, records) => {
        const own = recordsOf(records, 'fluid').find((r) => r.body.fluid === f);
        return [
          {
            kind: 'fluid',
            ...(own && { id: own.id }),
            body: { ...own?.body, fluid: f, ...(level && { level }), ...(looks.length > 0 && { looks }), at },
          },
        ];
      },
      chips: ({ fluid: f, level, looks }) => [
        FLUID_WORDS[f],
        ...(level ? [FLUID_LEVEL_WORDS[level]] : []),
        ...looks.map((l) => FLUID_LOOK_WORDS[l]),
      ],
      facts: ({ fluid: f, level, looks }) => [
        ...(level ? [`fluid ${f} ${level}`] : []),
        ...looks.map((l) => `fluid ${f} ${l}`),
      ],
    },
  },
});
