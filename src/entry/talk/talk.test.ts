import fc from 'fast-check';
import { planOf } from '@/core/body/plan';
import { listen } from '../facts';
import { LOOKED_AT_LATER } from './narrations/test-looked-at-later';
import { SET_ASIDE } from './narrations/test-set-aside';
import { hearOut, walkRounds } from './narrations/test-walk-rounds';
import { WORKED_ON } from './narrations/test-worked-on';
import { figuresOf, spelledNumber } from './numbers';

const plan = planOf('fastback')!;
const heardOf = (zone: string | null, ...said: string[]) =>
  listen(
    said.map((text, i) => ({ line: i + 1, text })),
    { plan, zone, unit: 'um', ceilingUm: 500, steering: 'left', kerb: 'right' },
  ).facts.map((f) => f.fact);

it('says nothing of the next place that was said of the one before', () => {
  expect(heardOf(null, 'front bumper is pitted the grille is all straight')).toEqual([
    'finding bumper.front pitting',
    'clean grille fit',
  ]);
  expect(heardOf(null, 'the hood has a chip on the front edge')).toEqual(['finding hood chip']);
});

describe('number words', () => {
  it.each([
    ['one twenty eight', 'um', '128'],
    ['one oh five', 'um', '105'],
    ['two hundred and six', 'um', '206'],
    ['thirteen and a half', 'mil', '13.5'],
    ['five point five', 'mil', '5.5'],
    ['nineteen seven', 'mil', '19.7'],
    ['nineteen seven', 'um', '19.7'],
    ['one forty one forty four one thirty nine', 'um', '140 144 139'],
    ['four nine', 'mil', '4.9'],
    ['six point six six point four', 'mil', '6.6 6.4'],
    ['oh nine twelve', 'um', '0912'],
    ['five five five two three four one', 'um', '5552341'],
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

describe.each([
  ['looked at while rules were written', WORKED_ON, 0.98, 0.005],
  ['looked at later', LOOKED_AT_LATER, 0.98, 0.005],
  ['set aside', SET_ASIDE, 0.85, 0.03],
] as const)('walk-rounds %s', (_name, text, wholeFrom, inventedTo) => {
  const heardAll = walkRounds(text).flatMap(hearOut);
  it('are understood whole', () => {
    expect(heardAll.filter((u) => u.whole).length / heardAll.length).toBeGreaterThanOrEqual(wholeFrom);
  });
  it('say nothing that was not said', () => {
    expect(heardAll.filter((u) => u.invented.length > 0).length / heardAll.length).toBeLessThanOrEqual(inventedTo);
  });
});

describe('a walk-round', () => {
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
  expect(facts.map((f) => [f.fact, Math.round(f.fromS ?? 0), f.toS])).toEqual([
    ['finding hood chip x2', 0, 9],
    ['reading hood 128um', 12, 18],
  ]);
  expect(left.filter((l) => l.why !== 'no-matter')).toEqual([]);
});

it('takes small figures at a panel as mil, and none that can be neither', () => {
  expect(heardOf('hood', 'five and a half')).toEqual(['reading hood 139.7um']);
  expect(heardOf('hood', 'and one')).toEqual([]);
});

it('reads numbers that are spelled out, and none with a word between', () => {
  expect(spelledNumber('q h zero four double one')).toBe('QH0411');
  expect(spelledNumber('four four and so on')).toBeNull();
});

it('hears trade words by their sound, less surely, and no others', () => {
  const of = (text: string) =>
    listen([{ line: 1, text }], { plan, zone: null, unit: 'um', ceilingUm: 500, steering: 'left', kerb: 'right' })
      .facts;
  expect(of('left finder has a dent')).toMatchObject([{ fact: 'finding fender.left dent', sure: 0.8 }]);
  expect(of('left fender has a dent')).toMatchObject([{ fact: 'finding fender.left dent', sure: 0.95 }]);
  expect(of('left flounder has a dent')).toEqual([]);
});

describe('captions without marks', () => {
  const hearCues = (text: string, perCue = 8) => {
    const words = text.split(' ');
    const cues = Array.from({ length: Math.ceil(words.length / perCue) }, (_x, i) => ({
      line: i + 1,
      fromS: 3 * i,
      toS: 3 * i + 3,
      text: words.slice(i * perCue, (i + 1) * perCue).join(' '),
    }));
    return listen(cues, { plan, zone: null, unit: 'um', ceilingUm: 500, steering: 'left', kerb: 'right' });
  };
  it('are parted where one statement ends, wherever the line was full', () => {
    for (const perCue of [3, 5, 8, 13])
      expect(
        hearCues(
          "okay moving on to the driver's door one small chip on the back edge closes nicely passenger door has two dings the clock doesn't work",
          perCue,
        ).facts.map((f) => f.fact),
      ).toEqual([
        'finding door.left.front chip',
        'clean door.left.front fit',
        'finding door.right.front ding x2',
        'dead clock',
      ]);
  });
  it('leave a statement with the words that it may belong to', () => {
    expect(hearCues('the dent in the door was fixed before we got it').facts).toEqual([]);
    expect(hearCues('people always ask about rust on these').facts).toEqual([]);
    const { facts, left } = hearCues('hood has a dent okay roof has a ding that came from the carnival');
    expect(facts.map((f) => f.fact)).toEqual(['finding hood dent']);
    expect(left.map((l) => l.text).join(' ')).toMatch(/carnival/);
  });
  it('give back at least two thirds of what the walk-rounds say, and little that they do not', () => {
    let [meant, found, invented] = [0, 0, 0];
    for (const w of walkRounds(`${WORKED_ON}${LOOKED_AT_LATER}${SET_ASIDE}`)) {
      if (w.style !== 'fastback' || w.steering !== 'left' || w.unit !== 'um') continue;
      const want = hearOut(w).flatMap((u) => (u.whole ? u.got : u.facts));
      const rest = [...want];
      for (const { fact } of hearCues(w.utterances.map((u) => u.said.replaceAll(/[,?]/g, '')).join(' ')).facts) {
        const at = rest.indexOf(fact);
        if (at < 0) invented++;
        else rest.splice(at, 1);
      }
      meant += want.length;
      found += want.length - rest.length;
    }
    expect(found / meant).toBeGreaterThanOrEqual(0.66);
    expect(invented / meant).toBeLessThanOrEqual(0.08);
  });
  it('keep somebody else’s word apart', () => {
    expect(
      hearCues('hood has a dent the owner says it was never hit there is a chip on the roof').facts.map((f) => f.fact),
    ).toEqual(['finding hood dent', 'told never-hit', 'finding roof chip']);
  });
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
    'good morning',
    'good afternoon everybody',
    'have a good day',
    'rust is what kills them',
  ];
  it.each(NOTHING)('%s', (said) => expect(heardOf('hood', said)).toEqual([]));

  /** Sentences of every kind in which a flaw is named and none is said to be there. */
  const TEMPLATES = [
    'if there were X we would see it',
    'they all get X there',
    'X is common on these',
    'watch out for X on this model',
    'the last owner fixed the X',
    'he had the X taken out',
    'you would expect X here',
    'I never found X on one of those',
    'my other one has X',
    'it used to have X',
    'the X was repaired years ago',
    'before the paint there was X',
    'most of them have X',
    'how about X',
    'is there any X',
    'I was told to look for X',
    'people hate X',
    'without the X it would sell',
    'not only X',
    'no longer any X',
    'we will look for X later',
    'hopefully no X comes back',
    'imagine X on that',
    'X would cost a fortune',
    'I wonder about X',
  ];
  const FLAWS = [
    'rust',
    'dents',
    'a crack',
    'chips',
    'bubbles',
    'filler',
    'a hole',
    'pitting',
    'scratches',
    'overspray',
    'a ding',
    'orange peel',
  ];
  it('is no finding, in 300 sentences', () => {
    const all = TEMPLATES.flatMap((t) => FLAWS.map((x) => t.replace('X', x)));
    expect(all).toHaveLength(300);
    expect(all.filter((said) => heardOf('hood', said).some((f) => f.startsWith('finding')))).toEqual([]);
  });

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
