import fc from 'fast-check';
import { planOf } from '@/core/body/plan';
import { listen } from '../facts';
import { figuresOf } from './numbers';

/** Utterances of a walk-round as people talk, with the facts that they hold; made up in the demo's world. Zone in hand in brackets. */
type Utterance = readonly [zone: string | null, said: string, facts: readonly string[]];

/** While rules were written these were looked at. */
const WORKED_ON: readonly Utterance[] = [
  ['hood', 'okay so moving on to the hood we have one twenty eight', ['reading hood 128um']],
  ['hood', 'one thirty one and one twenty six', ['reading hood 131um', 'reading hood 126um']],
  ['hood', "I don't see any chips", ['clean hood paint']],
  ['hood', 'there are no dents, no scratches', ['clean hood shape', 'clean hood paint']],
  ['hood', 'a couple of small chips on the leading edge', ['finding hood chip x2']],
  ['door.left.front', "driver's door, one tiny chip on the back edge", ['finding door.left.front chip']],
  [null, 'left headlight, no cracks', ['clean lamp.left.head glass']],
  ['door.left.front', "there's a ding here, about half an inch", ['finding door.left.front ding 12.7mm']],
  ['hood', 'sorry one twenty nine', ['reading hood 129um']],
  ['dash', "the clock doesn't work", ['dead clock']],
  ['dash', 'the radio works', ['works radio']],
  ['roof', 'the roof is over', ['over roof']],
  [null, 'engine oil is clean and full', ['fluid engine-oil full', 'fluid engine-oil clean']],
  [null, 'brake fluid looks dark', []],
  [null, 'the rear main is weeping', ['wet engine.rear-main']],
  [null, 'oil pressure forty five psi at idle', ['gauge oil 45 psi idle']],
  [null, 'it tracks straight and the brakes pull left', ['road brakes pulls-left', 'road tracking straight']],
  ['rocker.left', 'the magnet holds here', ['metal rocker.left magnet-holds']],
  ['hood', 'what a gorgeous old thing', []],
  [null, 'good morning from the tramshed', []],
  ['hood', 'the price is forty one thousand crowns', []],
  [null, 'engine number is QH 04418', ['number engine-stamp qh04418']],
  [null, 'odometer reads sixty one thousand four twelve', ['odometer 61412']],
  ['fender.right', 'surface rust on the right fender, pretty sure', []],
  ['bumper.front', 'some pitting on the front bumper', ['finding bumper.front pitting']],
  ['glass.windshield', 'windshield has two chips', ['finding glass.windshield glass-chip x2']],
  ['seat.left.front', "driver's seat is torn", ['finding seat.left.front split']],
  ['trunk.floor', 'blocked, no key', ['blocked trunk.floor no-key']],
  ['quarter.left', 'I suspect filler here', ['finding quarter.left filler-visible']],
];

/** Set aside while rules were written; only their figure is looked at. */
const SET_ASIDE: readonly Utterance[] = [
  ['roof', 'coming up to the roof, one eighteen, one twenty two', ['reading roof 118um', 'reading roof 122um']],
  ['roof', 'no dents at all', ['clean roof shape']],
  ['deck', 'on the deck lid I can see a scratch', ['finding deck scratch-clear']],
  ['quarter.right', 'there is a dent, an inch and a half', ['finding quarter.right dent 38.1mm']],
  [null, "passenger's door, a few chips", ['finding door.right.front chip x3']],
  ['dash', 'the heater fan works great', ['works heater.fan']],
  ['dash', 'fuel gauge is dead', ['dead gauge.fuel']],
  ['rocker.right', 'magnet is weak here', ['metal rocker.right magnet-weak']],
  ['rocker.right', 'rock or panel has some blisters', ['finding rocker.right blister']],
  [null, 'coolant is low', ['fluid coolant low']],
  [null, 'no smoke at all', ['start no-smoke']],
  [null, 'water pump is dry', []],
  [null, 'transmission pan is wet', ['wet transmission.pan']],
  [null, 'temperature one eighty five', ['gauge temperature 185 f']],
  [null, 'the rear axle whines', ['road axle whines']],
  ['hood', 'it is a lovely car from a good family', []],
  ['hood', 'call me on five five five', []],
  ['bumper.rear', 'the crome is cloudy', ['finding bumper.rear cloudy']],
  ['glass.rear', 'the glass has no scratches', ['clean glass.rear glass']],
  ['headliner', 'headliner is sagging', ['finding headliner sagging']],
  ['carpet.left.front', 'the carpet is damp', ['finding carpet.left.front damp']],
  ['hood', 'no longer has the stripe', []],
  ['hood', 'not only chips', []],
  [null, 'the horn works', ['works horn']],
  [null, 'wipers work', ['works wipers']],
  [
    'door.right.front',
    'nothing to report',
    [
      'clean door.right.front paint',
      'clean door.right.front shape',
      'clean door.right.front fit',
      'clean door.right.front corrosion',
    ],
  ],
  ['fender.left', 'left finder one forty two', ['reading fender.left 142um']],
  ['fender.left', 'maybe a resprayed edge', []],
  [null, 'the exhaust is a reproduction', ['part exhaust reproduction']],
  ['tailgate', 'left front tire date code thirty one twelve', ['tire wheel.left.front 3112']],
];

const plan = planOf('fastback')!;
const heardOf = (zone: string | null, ...said: string[]) =>
  listen(
    said.map((text, i) => ({ line: i + 1, text })),
    { plan, zone, unit: 'um', ceilingUm: 500, steering: 'left', kerb: 'right' },
  ).facts.map((f) => f.fact);

describe('number words', () => {
  it.each([
    ['one twenty eight', 'um', '128'],
    ['one oh five', 'um', '105'],
    ['two hundred and six', 'um', '206'],
    ['thirteen and a half', 'mil', '13.5'],
    ['five point five', 'mil', '5.5'],
    ['nineteen seven', 'mil', '19.7'],
    ['nineteen seven', 'um', '19 7'],
    ['twenty seven', 'mil', '27'],
    ['sixty one thousand one forty two', 'um', '61142'],
    ['twenty seventeen', 'um', '2017'],
    ['nineteen eighty four', 'um', '1984'],
    ['three quarters of an inch', 'um', '0.75 inch'],
    ['half a dozen chips', 'um', '6 chips'],
    ['a couple of dents', 'um', '2 dents'],
    ['the one on the left', 'um', 'the 1 on the left'],
  ] as const)('%s, in %s: %s', (text, unit, figures) => expect(figuresOf(text, unit)).toBe(figures));

  it('say every whole number below a thousand as it is', () => {
    const ones =
      'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
        ' ',
      );
    const tens = ['', '', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];
    const two = (n: number): string =>
      n < 20 ? ones[n]! : [tens[Math.floor(n / 10)]!, n % 10 ? ones[n % 10]! : ''].join(' ').trim();
    const say = (n: number): string =>
      n < 100 ? two(n) : [ones[Math.floor(n / 100)]!, 'hundred', n % 100 ? `and ${two(n % 100)}` : ''].join(' ').trim();
    fc.assert(fc.property(fc.integer({ min: 0, max: 999 }), (n) => figuresOf(say(n), 'um') === String(n)));
  });
});

const whole = ([zone, said, facts]: Utterance) =>
  [...heardOf(zone, said)].sort().join('|') === [...facts].sort().join('|');
const invented = ([zone, said, facts]: Utterance) => heardOf(zone, said).some((f) => !facts.includes(f));

describe('a walk-round', () => {
  it('is understood whole in nine of ten utterances, and nothing is said that was not', () => {
    for (const list of [WORKED_ON, SET_ASIDE]) {
      expect(list.filter(whole).length / list.length).toBeGreaterThanOrEqual(0.88);
      expect(list.filter(invented)).toEqual([]);
    }
  });
  it('means the twin by the other side, and nothing where there is none', () => {
    expect(heardOf('door.left.front', 'a couple of chips', 'same on the other side')).toEqual([
      'finding door.left.front chip x2',
      'finding door.right.front chip x2',
    ]);
    expect(heardOf('hood', 'a couple of chips', 'same on the other side')).toEqual(['finding hood chip x2']);
  });
  it('takes a correction for the last reading, and back what is scratched', () => {
    expect(heardOf('hood', 'one thirty one', 'sorry, one twenty one')).toEqual(['reading hood 121um']);
    expect(heardOf('hood', 'two chips', 'forget that')).toEqual([]);
  });
});

it('puts together what captions cut, with the time from the first cue to the last', () => {
  const cues = [
    'okay so moving on to the hood',
    'we have a couple of chips on the',
    'leading edge',
    'lovely thing',
    'and one',
    'twenty eight',
  ];
  const { facts, left } = listen(
    cues.map((text, i) => ({ line: i + 1, fromS: 3 * i, toS: 3 * i + 3, text })),
    { plan, zone: null, unit: 'um', ceilingUm: 500, steering: 'left', kerb: 'right' },
  );
  expect(facts.map((f) => [f.fact, f.fromS, f.toS])).toEqual([
    ['finding hood chip x2', 3, 9],
    ['reading hood 128um', 12, 18],
  ]);
  expect(left.map((l) => l.text)).toEqual(['lovely thing']);
});

it('takes small figures at a panel as mil, and none that can be neither', () => {
  expect(heardOf('hood', 'five and a half')).toEqual(['reading hood 139.7um']);
  expect(heardOf('hood', 'and one')).toEqual([]);
});

describe('what holds nothing', () => {
  const NOTHING = [
    'I fixed the dent in the door last year',
    'the dent was repaired before we got it',
    'it used to have rust in the floors',
    'if it had rust we would see it here',
    'not only chips',
    'no longer any chips',
    'are there any dents on the hood',
    'you would expect rust here',
    'my uncle had one with a cracked dash',
    'the hood is a lovely piece of work',
    'he paid forty one thousand for it',
    'call five five five one two three',
    'this make was built in the old works by the harbour',
    'we will look at the chips in a minute',
    'I never said there were chips',
    'people always ask about rust',
    'the next owner can touch up the chips',
    'watch out for chips on these',
    'chips are common on this model',
    'rust is what kills them',
  ];
  it.each(NOTHING)('%s', (said) => expect(heardOf('hood', said)).toEqual([]));

  it('makes no finding of a sentence with a word that it does not know between', () => {
    const odd = fc.constantFrom(
      'tomorrow',
      'imagine',
      'without',
      'instead',
      'unlike',
      'formerly',
      'repaired',
      'once',
      'elsewhere',
    );
    fc.assert(
      fc.property(odd, fc.constantFrom('chips', 'a dent', 'rust', 'two scratches'), (word, flaw) => {
        expect(heardOf('hood', `${word} ${flaw}`).filter((f) => f.startsWith('finding'))).toEqual([]);
      }),
    );
  });
});
