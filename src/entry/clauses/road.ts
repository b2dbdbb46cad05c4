import type { RoadItem, RoadState } from '@/core/catalogue/run-words';
import { recordsOf } from '@/core/records/reduce';
import { ROAD_ITEM_WORDS, ROAD_STATE_WORDS } from '@/words/running';
import { defineClause } from '../clause';
import type { Entry } from '../context';
import { type PhraseTable, phraseTable } from '../lexicon';
import { FILLER } from '../phrases';
import type { TokenCursor } from '../token-cursor';

/** One thing noted of a drive: what, how, and what of the list it answers. */
interface Noted {
  readonly what: string;
  readonly how: string;
  readonly item: RoadItem;
  readonly state: RoadState;
}
interface RoadItemSaid {
  readonly kind: 'road';
  readonly noted: readonly Noted[];
}

const says = (
  what: string,
  how: string,
  item: RoadItem,
  state: RoadState,
  ...phrases: string[]
): readonly [Noted, readonly string[]] => [{ what, how, item, state }, phrases];

/** How people tell of a drive. */
const NOTED: PhraseTable<Noted> = phraseTable<Noted>([
  says(
    'brakes',
    'straight',
    'brakes-straight',
    'good',
    'brakes straight',
    'brakes pull up straight',
    'stops straight',
    'brakes in a straight line',
  ),
  says(
    'brakes',
    'pulls-left',
    'brakes-straight',
    'poor',
    'brakes pull left',
    'brakes pull to the left',
    'pulls left under braking',
    'pulls left braking',
    'pulls to the left under braking',
    'pulls to the left when braking',
    'pulls left when braking',
  ),
  says(
    'brakes',
    'pulls-right',
    'brakes-straight',
    'poor',
    'brakes pull right',
    'brakes pull to the right',
    'pulls right under braking',
    'pulls right braking',
    'pulls to the right under braking',
    'pulls to the right when braking',
    'pulls right when braking',
  ),
  says(
    'brakes',
    'firm',
    'pedal-firm',
    'good',
    'firm pedal',
    'brake pedal firm',
    'brake pedal is firm',
    'pedal is firm',
    'brakes are firm',
  ),
  says(
    'brakes',
    'spongy',
    'pedal-firm',
    'poor',
    'spongy pedal',
    'brake pedal spongy',
    'brake pedal is spongy',
    'pedal is spongy',
    'brakes spongy',
    'brakes are spongy',
    'soft pedal',
    'pedal is soft',
    'long pedal',
  ),
  says(
    'brakes',
    'sinks',
    'pedal-firm',
    'bad',
    'pedal sinks',
    'brake pedal sinks',
    'pedal goes to the floor',
    'brake pedal goes to the floor',
  ),
  says(
    'tracking',
    'straight',
    'tracks-straight',
    'good',
    'tracks straight',
    'runs straight',
    'tracks true',
    'goes straight hands light',
    'tracks hands light',
  ),
  says(
    'tracking',
    'pulls-left',
    'tracks-straight',
    'poor',
    'pulls left',
    'pulls to the left',
    'drifts left',
    'wanders left',
  ),
  says(
    'tracking',
    'pulls-right',
    'tracks-straight',
    'poor',
    'pulls right',
    'pulls to the right',
    'drifts right',
    'wanders right',
  ),
  says('tracking', 'wanders', 'tracks-straight', 'poor', 'wanders', 'wanders on the road', 'wanders about'),
  says(
    'clutch',
    'good',
    'clutch',
    'good',
    'clutch takes up well',
    'clutch is good',
    'clutch is smooth',
    'clutch takes up smoothly',
    'clutch good',
  ),
  says('clutch', 'slips', 'clutch', 'bad', 'clutch slips', 'clutch is slipping'),
  says('clutch', 'judders', 'clutch', 'poor', 'clutch judders', 'clutch judder', 'clutch grabs', 'clutch shudders'),
  says(
    'shifts',
    'smooth',
    'shifts-up',
    'good',
    'shifts well',
    'shifts smoothly',
    'shifts up well',
    'changes gear well',
    'gearbox shifts well',
    'transmission shifts well',
    'gearbox is smooth',
  ),
  says(
    'shifts',
    'crunches',
    'shifts-down',
    'poor',
    'crunches into second',
    'second crunches',
    'crunches second',
    'second gear crunches',
    'crunches on the way down',
    'crunches going down',
    'grinds into second',
    'second grinds',
  ),
  says(
    'shifts',
    'jumps-out',
    'shifts-up',
    'bad',
    'jumps out of gear',
    'pops out of gear',
    'jumps out of second',
    'pops out of second',
    'jumps out of third',
    'jumps out of top',
  ),
  says(
    'shifts',
    'slips',
    'shifts-up',
    'bad',
    'transmission slips',
    'gearbox slips',
    'slips between gears',
    'flares between gears',
  ),
  says('reverse', 'good', 'reverse', 'good', 'reverse works', 'reverse engages', 'reverse is fine', 'reverse is good'),
  says('reverse', 'crunches', 'reverse', 'poor', 'reverse crunches', 'crunches into reverse', 'reverse grinds'),
  says(
    'engine',
    'pulls-well',
    'pulls-well',
    'good',
    'pulls well',
    'pulls strongly',
    'pulls strong',
    'pulls cleanly',
    'plenty of power',
    'pulls nicely',
  ),
  says(
    'engine',
    'hesitates',
    'pulls-well',
    'poor',
    'hesitates',
    'flat spot',
    'flat spot off idle',
    'stumbles',
    'bogs down',
    'lacks power',
    'down on power',
  ),
  says(
    'engine',
    'misfires',
    'runs-clean',
    'poor',
    'misfires',
    'misfires under load',
    'misfires on load',
    'missing under load',
    'misses under load',
  ),
  says(
    'steering',
    'tight',
    'steering-play',
    'good',
    'steering is tight',
    'no play in the steering',
    'steering tight',
    'no steering play',
    'steering without play',
  ),
  says(
    'steering',
    'play',
    'steering-play',
    'poor',
    'play in the steering',
    'steering has play',
    'some play in the steering',
    'steering is loose',
    'loose steering',
    'steering is vague',
  ),
  says(
    'axle',
    'quiet',
    'axle-quiet',
    'good',
    'axle quiet',
    'axle is quiet',
    'rear axle is quiet',
    'diff is quiet',
    'no axle whine',
    'no diff whine',
  ),
  says(
    'axle',
    'whines',
    'axle-quiet',
    'poor',
    'axle whines',
    'rear axle whines',
    'diff whines',
    'axle whine',
    'diff whine',
    'rear axle whine',
    'differential whines',
    'whine from the rear axle',
    'whine from the diff',
  ),
  says(
    'bearing',
    'rumbles',
    'bearings-quiet',
    'poor',
    'wheel bearing rumbles',
    'wheel bearing noise',
    'wheel bearing humming',
    'bearing rumble',
    'wheel bearing hums',
  ),
  says('exhaust', 'blows', 'exhaust-quiet', 'poor', 'exhaust blows', 'exhaust is blowing', 'exhaust blowing'),
  says(
    'vibration',
    'none',
    'no-vibration',
    'good',
    'no vibration',
    'no vibrations',
    'no shake',
    'no vibration at speed',
  ),
  says(
    'vibration',
    'felt',
    'no-vibration',
    'poor',
    'vibrates',
    'vibration',
    'vibration at speed',
    'vibrates at speed',
    'shimmies',
    'shimmy',
    'steering wheel shakes',
    'shakes at speed',
  ),
  says(
    'temperature',
    'holds',
    'temperature-holds',
    'good',
    'temperature holds',
    'temperature stays steady',
    'temperature stayed steady',
    'did not run hot',
    'does not run hot',
  ),
  says('temperature', 'hot', 'temperature-holds', 'bad', 'runs hot', 'ran hot', 'overheats', 'overheated'),
  says(
    'pressure',
    'holds',
    'pressure-holds',
    'good',
    'oil pressure holds',
    'holds oil pressure',
    'oil pressure stays up',
  ),
  says(
    'pressure',
    'drops',
    'pressure-holds',
    'poor',
    'oil pressure drops',
    'loses oil pressure',
    'oil pressure falls away',
  ),
  says('overdrive', 'works', 'overdrive', 'good', 'overdrive works', 'overdrive engages'),
  says('overdrive', 'dead', 'overdrive', 'bad', 'overdrive does not work', 'overdrive dead', 'no overdrive'),
  says(
    'hot-restart',
    'good',
    'hot-restart',
    'good',
    'hot restart fine',
    'restarts hot',
    'starts again hot',
    'restarts fine hot',
    'hot restart is good',
  ),
  says(
    'hot-restart',
    'poor',
    'hot-restart',
    'poor',
    'slow to restart hot',
    'does not restart hot',
    'will not restart hot',
    'hard to restart hot',
  ),
]);
const BESIDE: PhraseTable<true> = phraseTable([
  [true, ['road test', 'on the road', 'on the drive', 'it', 'car', 'drive', 'then', 'out on the road', 'test drive']],
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
