import fc from 'fast-check';
import { planOf } from '@/core/body/plan';
import { listen } from '../facts';
import { figuresOf } from './numbers';
import { SET_ASIDE, type Utterance, WORKED_ON } from './utterances';

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
