import { recordsOf } from '@/core/records/reduce';
import { ROAD_ITEM_WORDS, ROAD_STATE_WORDS } from '@/words/running';
import { defineClause } from '../clause';
import type { Entry } from '../context';
import { type PhraseTable, phraseTable } from '../lexicon';
import { FILLER } from '../phrases';
import { NOTED, type Noted } from '../road-phrases';
import type { TokenCursor } from '../token-cursor';

interface RoadItemSaid {
  readonly kind: 'road';
  readonly noted: readonly Noted[];
}

const BESIDE: PhraseTable<true> = phraseTable([
  [
    true,
    [
      'road test',
      'on the road',
      'on the drive',
      'it',
      'car',
      'drive',
      'then',
      'out on the road',
      'test drive',
      'gearbox',
      'transmission',
      'steering',
      'engine',
    ],
  ],
]);

/** `tracks straight, brakes pull left`: what was noted of a drive. Whatever else is said beside is none. */
function readRoad(line: TokenCursor): Entry<RoadItemSaid> | null {
  const noted: Noted[] = [];
  for (let n = line.take(NOTED); n; n = line.take(NOTED)) noted.push(n.value);
  if (noted.length === 0) return null;
  while (line.take(BESIDE) || line.take(FILLER));
  return line.rest().length > 0 ? null : { items: [{ kind: 'road', noted }], problems: [] };
}

const text = (n: Noted) =>
  `${ROAD_ITEM_WORDS[n.item]}: ${ROAD_STATE_WORDS[n.state]}${n.state === 'good' ? '' : ` (${n.how.replaceAll('-', ' ')})`}`;

export const road = defineClause<RoadItemSaid>({
  words: [NOTED, BESIDE],
  read: ({ line, quoted }) => (quoted ? null : readRoad(line)),
  items: {
    road: {
      // It stands with the road test; whether the car was driven at all, only the gate's answers say.
      puts: ({ noted }, { at }, records) => {
        const own = recordsOf(records, 'road').at(-1);
        const bad = noted.filter((n) => n.state !== 'good').map((n) => `${n.what} ${n.how.replaceAll('-', ' ')}`);
        return [
          {
            kind: 'road',
            ...(own && { id: own.id }),
            body: {
              at,
              ...own?.body,
              items: { ...own?.body.items, ...Object.fromEntries(noted.map((n) => [n.item, n.state])) },
              note: [own?.body.note ?? '', ...bad].filter(Boolean).join('; ').slice(0, 1000),
            },
          },
        ];
      },
      chips: ({ noted }) => noted.map(text),
      facts: ({ noted }) => noted.map((n) => `road ${n.what} ${n.how}`),
    },
  },
});
