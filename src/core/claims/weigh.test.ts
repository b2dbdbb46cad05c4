import fc from 'fast-check';
import {
  countedRatios,
  expectedInformation,
  posteriorOf,
  sensitiveTo,
  type WeighedMark,
  wordOf,
} from '../balance/weigh';
import { CLAIM_KINDS } from '../kinds/claim';
import { claimTable, claimTableSchema, DEFAULT_CLAIMS as T } from './claim-table';

const mark = (id: string, ratio: number, group = id): WeighedMark => ({ id, ratio, group });

describe('marks in the balance', () => {
  it('multiply their odds, one group by its strongest and the root of the next', () => {
    expect(posteriorOf(1, [])).toBe(0.5);
    expect(posteriorOf(1, [mark('a', 4)])).toBeCloseTo(0.8, 12);
    expect(posteriorOf(1, [mark('a', 4), mark('b', 2)])).toBeCloseTo(8 / 9, 12);
    expect(posteriorOf(0.5, [mark('a', 4)])).toBeCloseTo(2 / 3, 12);
    expect(countedRatios([mark('a', 12, 'g'), mark('b', 4, 'g'), mark('c', 2, 'g')])).toEqual([12, 2, 1]);
    expect(countedRatios([mark('a', 1 / 12, 'g'), mark('b', 4, 'g')])).toEqual([1 / 12, 2]);
  });

  it('does not depend on the order in which they were seen', () => {
    const one = fc.record({
      id: fc.constantFrom('a', 'b', 'c', 'd', 'e'),
      ratio: fc.constantFrom(50, 12, 4, 2, 0.5, 0.25, 1 / 12, 0.02),
      group: fc.constantFrom('x', 'y', 'z'),
    });
    fc.assert(
      fc.property(
        fc.array(one, { maxLength: 8 }),
        fc.array(fc.nat(), { minLength: 8, maxLength: 8 }),
        (marks, keys) => {
          const mixed = marks
            .map((m, i) => [keys[i]!, i, m] as const)
            .sort((p, q) => p[0] - q[0] || q[1] - p[1])
            .map(([, , m]) => m);
          expect(posteriorOf(1, mixed)).toBeCloseTo(posteriorOf(1, marks), 12);
        },
      ),
    );
  });

  it('is called by its bounds, and untested without any', () => {
    expect([0.049, 0.05, 0.249, 0.25, 0.75, 0.76, 0.95, 0.951].map((p) => wordOf(p, 1))).toEqual([
      'contradicted',
      'doubtful',
      'doubtful',
      'open',
      'open',
      'supported',
      'supported',
      'well-supported',
    ]);
    expect(wordOf(0.5, 0)).toBe('untested');
  });

  it('says which single mark would change the word', () => {
    const marks = [mark('a', 50), mark('b', 2)];
    expect(sensitiveTo(1, marks, 'well-supported')).toEqual([0]);
    expect(sensitiveTo(1, [mark('a', 50), mark('b', 50)], 'well-supported')).toEqual([]);
  });
});

describe('the next look', () => {
  const sharp = [
    { id: 'yes', ratio: 50, ifTrue: 0.9 },
    { id: 'no', ratio: 1 / 50, ifTrue: 0.01 },
  ];
  const dull = [{ id: 'some', ratio: 2, ifTrue: 0.4 }];
  it('tells more the sharper it is, nothing where nothing can show, and less once all is settled', () => {
    const told = (marks: WeighedMark[], outcomes: typeof sharp) => expectedInformation(1, marks, 'new', outcomes);
    expect(told([], sharp)).toBeGreaterThan(5 * told([], dull));
    expect(told([], [])).toBeCloseTo(0, 12);
    expect(told([mark('a', 50), mark('b', 50, 'c')], sharp)).toBeLessThan(0.2 * told([], sharp));
    // A perfect look tells the whole bit.
    expect(
      told(
        [],
        [
          { id: 'yes', ratio: 1e9, ifTrue: 1 },
          { id: 'no', ratio: 1e-9, ifTrue: 1e-9 },
        ],
      ),
    ).toBeCloseTo(1, 3);
  });
});

describe('the table', () => {
  it('holds every kind, and no look shows more than can be', () => {
    expect(claimTable.schema.safeParse(T).error?.issues ?? []).toEqual([]);
    expect(Object.keys(T.kinds).sort()).toEqual([...CLAIM_KINDS].sort());
    const over = structuredClone(T);
    over.looks.film!.marks['film-works-throughout']!.ifTrue = 0.99;
    expect(claimTableSchema.safeParse(over).success).toBe(false);
  });

  it('is calibrated: of made claims called supported the stated share is true', () => {
    let seed = 11;
    const uniform = () => {
      seed = (seed * 1_103_515_245 + 12_345) % 2_147_483_648;
      return seed / 2_147_483_648;
    };
    const bins = new Map<string, { n: number; truth: number; said: number }>();
    for (const kind of CLAIM_KINDS)
      for (let i = 0; i < 1500; i++) {
        const truth = uniform() < 0.5;
        const marks: WeighedMark[] = [];
        for (const [name, l] of Object.entries(T.looks)) {
          // Not everybody looks everywhere.
          if (!l.claims.includes(kind) || uniform() < 0.35) continue;
          let u = uniform();
          for (const [id, m] of Object.entries(l.marks)) {
            u -= truth ? m.ifTrue : m.ifTrue / m.ratio;
            if (u < 0) {
              marks.push({ id, ratio: m.ratio, group: name });
              break;
            }
          }
        }
        const p = posteriorOf(1, marks);
        const word = wordOf(p, marks.length);
        const bin = bins.get(word) ?? { n: 0, truth: 0, said: 0 };
        bins.set(word, { n: bin.n + 1, truth: bin.truth + Number(truth), said: bin.said + p });
      }
    for (const [, { n, truth, said }] of bins) {
      if (n < 300) continue;
      expect(Math.abs(truth / n - said / n)).toBeLessThan(0.06);
    }
    expect(bins.get('well-supported')!.n).toBeGreaterThan(300);
    expect(bins.get('contradicted')!.n).toBeGreaterThan(300);
  });
});
