import { MAJOR_PARTS, type MajorPart, type NumberPlace, type PartState } from '@/core/catalogue/papers';
import { bare } from '@/core/identity/chassis-17';
import { recordsOf } from '@/core/records/reduce';
import { groupedFigureOf } from '@/core/units/figure';
import { majorPart, NUMBER_PLACE_WORDS, PART_STATE_WORDS } from '@/words/papers';
import { defineClause } from '../clause';
import { type Entry, type EntryContext, refused } from '../context';
import { type PhraseTable, phraseTable } from '../lexicon';
import { FILLER } from '../phrases';
import type { TokenCursor } from '../token-cursor';

interface NumberItem {
  readonly kind: 'number';
  readonly place: NumberPlace;
  readonly asRead: string;
}
interface OdometerItem {
  readonly kind: 'odometer';
  readonly value: number;
  readonly unit: 'km' | 'mi' | null;
}
interface PartItem {
  readonly kind: 'part';
  readonly part: MajorPart;
  readonly state: PartState;
}
type PaperItem = NumberItem | OdometerItem | PartItem;

/** Where a number is, as people say it before they read it out. */
const PLACES: readonly (readonly [NumberPlace, string])[] = [
  ['chassis-plate', 'chassis plate|chassis number|vin plate|plate number'],
  ['engine-stamp', 'engine number|engine stamp|block number'],
  ['engine-casting', 'casting number|block casting'],
  ['frame', 'frame number|frame stamp'],
  ['gearbox', 'gearbox number|transmission number'],
  ['axle', 'axle number'],
  ['body', 'body number'],
  ['trim-plate', 'trim plate|data plate'],
  ['title', 'title says|registration says|log book says'],
  ['keys', 'key number|key code'],
];
const NUMBER = new RegExp(
  `^\\s*(?:the\\s+)?(?<place>${PLACES.map(([, p]) => p).join('|')})\\s*(?:is|reads|says|:)?\\s+(?<text>[a-z0-9][a-z0-9 .\\-/*•]{2,58})\\s*$`,
  'i',
);
const ODOMETER =
  /^\s*(?:the\s+)?(?:odometer|mileage|clock)\s+(?:is|reads|shows|says|at|on)?\s*(?:at\s+)?(?<value>\d{1,3}(?:[ ,.]\d{3})+|\d{1,7})\s*(?<unit>miles?|mi|km|kilomet(?:er|re)s?)?\s*$/i;

const PARTS: PhraseTable<MajorPart> = phraseTable<MajorPart>([
  ...(Object.entries(MAJOR_PARTS) as [MajorPart, string][]).map(([id, name]): [MajorPart, string[]] => [
    id,
    [name.split(' or ')[0]!, id.replaceAll('-', ' ')],
  ]),
  ['gearbox', ['transmission']],
  ['hood', ['bonnet']],
  ['wings', ['fenders']],
  ['deck-lid', ['boot lid', 'trunk lid']],
]);
const STATES: PhraseTable<PartState> = phraseTable<PartState>([
  [
    'factory',
    [
      'came with this car',
      'is the original',
      'are the originals',
      'original to the car',
      'of the works',
      'is original',
      'are original',
      'original',
    ],
  ],
  ['period', ['right type and time', 'period correct', 'period part']],
  ['later', ['later replacement', 'later right type', 'later part', 'later unit']],
  ['reproduction', ['reproduction', 'repro', 'is a reproduction', 'are reproductions']],
  ['modified', ['modified', 'is modified', 'has been modified']],
]);

/** `radio period correct`, `engine is the original`: what a part is to the car. Whatever else is said beside is none. */
function readPart(line: TokenCursor): Entry<PartItem> | null {
  const state = line.take(STATES)?.value;
  const part = state ? line.take(PARTS)?.value : undefined;
  if (!state || !part) return null;
  while (line.take(FILLER));
  return line.rest().length > 0 ? null : { items: [{ kind: 'part', part, state }], problems: [] };
}

/** `engine number QH 04418`, `odometer 61,412`, `radio period correct`. Refuses a number without any figure. */
function read(text: string, line: TokenCursor, { talk }: EntryContext): Entry<PaperItem> | null {
  const number = NUMBER.exec(text)?.groups;
  if (number) {
    const said = number.place!.toLowerCase();
    const place = PLACES.find(([, p]) => p.split('|').includes(said))![0];
    const asRead = number.text!.trim().toUpperCase();
    // Spoken numbers are put together before; what stands behind one is another statement.
    if (!/\d/.test(asRead) || (talk && /\s/.test(asRead))) return null;
    if (bare(asRead).length < 3) return refused({ kind: 'absurd', text: asRead });
    return { items: [{ kind: 'number', place, asRead }], problems: [] };
  }
  const odometer = ODOMETER.exec(text)?.groups;
  if (odometer) {
    const value = groupedFigureOf(odometer.value!);
    if (typeof value !== 'number') return null;
    const unit = odometer.unit ? (odometer.unit.toLowerCase().startsWith('k') ? 'km' : 'mi') : null;
    return { items: [{ kind: 'odometer', value, unit }], problems: [] };
  }
  return readPart(line);
}

export const papers = defineClause<PaperItem>({
  words: [PARTS, STATES, PLACES.map(([, p]) => p.replaceAll('|', ' ')).join(' '), 'odometer mileage clock miles mi km'],
  read: ({ text, line, quoted }, context) => (quoted ? null : read(text, line, context)),
  items: {
    number: {
      puts: ({ place, asRead }, { at }) => [{ kind: 'number', body: { place, asRead, at } }],
      chips: ({ place, asRead }) => [NUMBER_PLACE_WORDS[place], asRead],
      facts: ({ place, asRead }) => [`number ${place} ${bare(asRead).toLowerCase()}`],
    },
    odometer: {
      puts: ({ value, unit }, _options, records) => {
        const car = recordsOf(records, 'car')[0];
        return car
          ? [
              {
                kind: 'car',
                id: car.id,
                body: { ...car.body, odometer: { value, unit: unit ?? car.body.odometer?.unit ?? 'mi' } },
              },
            ]
          : [];
      },
      chips: ({ value, unit }) => [`odometer ${value.toLocaleString('en-GB')}${unit ? ` ${unit}` : ''}`],
      facts: ({ value }) => [`odometer ${value}`],
    },
    part: {
      puts: ({ part, state }, { at }, records) => {
        const own = recordsOf(records, 'part').find((p) => p.body.part === part);
        return [{ kind: 'part', ...(own && { id: own.id }), body: { ...own?.body, part, state, at } }];
      },
      chips: ({ part, state }, { words }) => [majorPart(part, words), PART_STATE_WORDS[state]],
      facts: ({ part, state }) => [
        `part ${part} ${{ factory: 'original', period: 'original', later: 'replaced' }[state as string] ?? state}`,
      ],
    },
  },
});
