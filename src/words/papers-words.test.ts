import type { BalanceMark } from '@/core/claims/model';
import { checkDigitText, engineText, lookAlikeText } from './chassis';
import { balanceText, chanceText, ratioText, reachText } from './claims';
import { datedText, daysText } from './date-fits';
import { odometerWhy } from './odometer';
import { keeperText, numberText, paperText, partText, restoredText } from './papers';

describe('numbers in words', () => {
  it.each([
    [{ expected: '5', found: '5', applies: true }, /^Check digit 5 is right/],
    [{ expected: '5', found: '3', applies: true }, /wrong: by the other characters it is 5/],
    [{ expected: '5', found: '3', applies: false }, /proves nothing/],
    [{ expected: '5', found: '5', applies: false }, /happens to be the check digit/],
  ] as const)('%j', (c, says) => expect(checkDigitText(c)).toMatch(says));

  it.each([
    [{ is: 'original', expected: 'QH 1' }, /is this car’s/],
    [{ is: 'another', expected: 'QH 1' }, /^Another engine/],
    [{ is: 'right-type', years: [1969], plausible: true }, /not proved to be this car’s/],
    [{ is: 'right-type', years: [1972], plausible: false }, /its number is of 1972/],
    [{ is: 'right-type', years: [], plausible: false }, /in no range of the table/],
    [{ is: 'wrong-type' }, /does not begin/],
    [{ is: 'not-told', why: 'no-template' }, /cannot be told/],
    [{ is: 'not-told', why: 'chassis-not-read' }, /nothing follows/],
  ] as const)('%j', (e, says) => expect(engineText(e as never)).toMatch(says));

  it('asks which of two characters it is, and corrects neither', () => {
    expect(lookAlikeText({ same: false, differs: 1, ask: [{ place: 3, here: 'O', there: '0' }] })).toBe(
      'is place 3 O or 0?',
    );
  });
});

describe('claims in words', () => {
  it.each([
    [50, '50 times likelier if it is true'],
    [1 / 12, '12 times likelier if it is not'],
    [1.43, '1.4 times likelier if it is true'],
  ])('%d', (ratio, says) => expect(ratioText(ratio)).toBe(says));

  it.each([
    ['untested', 0.5, ''],
    ['contradicted', 0.0001, ' (less than 1 of 100)'],
    ['well-supported', 0.9999, ' (more than 99 of 100)'],
    ['supported', 0.804, ' (80 of 100)'],
  ] as const)('%s at %d', (word, posterior, says) => expect(chanceText({ word, posterior })).toBe(says));

  it('names nothing of what is withheld', () => {
    const mark = { withheld: true, says: 'rust was found', where: 'below the trim' } as BalanceMark;
    expect(balanceText(mark, 'Sill, left')).toBe('something that is withheld');
    expect(balanceText({ ...mark, withheld: false }, 'Sill, left')).toBe('rust was found, Sill, left, below the trim');
  });

  it('names what nobody saw, the first ones and how many more', () => {
    const unseen = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'];
    const reach = { seen: 2, of: 10, unseen };
    expect(reachText({ reach, narrow: true }, 'no-rust', (z) => z.toUpperCase())).toBe(
      'Looked at: 2 of 10. Not seen: A, B, C, D, E, F and 2 more. A claim about the whole car is not carried by a part of it.',
    );
    // Panels that were looked at are not unseen for want of a gauge that reads on them.
    expect(reachText({ reach: { seen: 0, of: 2, unseen: ['a', 'b'] }, narrow: false }, 'never-hit', (z) => z)).toBe(
      'Film measured: 0 of 2. Not measured: a, b.',
    );
    expect(reachText({ reach: { seen: 3, of: 3, unseen: [] }, narrow: false }, 'no-rust', (z) => z)).toBe('');
    expect(reachText({ reach: null, narrow: false }, 'no-rust', (z) => z)).toBe('');
  });
});

describe('dates and distances in words', () => {
  it.each([
    [{ from: '1967-04-12', to: '1967-04-12' }, '12 Apr 1967'],
    [{ from: '1967-01-01', to: '1967-12-31' }, '1967'],
    [{ from: '1967-02-01', to: '1967-02-28' }, '1 Feb 1967 to 28 Feb 1967'],
  ])('%j is %s', (days, says) => expect(daysText(days)).toBe(says));

  it('says that a decade was taken, that a part is too late, and why a code is not understood', () => {
    const made = { from: '1984-01-01', to: '1984-12-31', byBuild: true };
    expect(datedText({ made, format: 'year', fit: 'too-late', why: null })).toBe(
      '1984 (decade by the day of building): too late: fitted after the car was built',
    );
    expect(datedText({ made: null, format: null, fit: null, why: 'no-build-date' })).toMatch(/decade is open/);
  });

  it('says where a reading would settle a distance', () => {
    const at = (on: string, value: number) => ({ on, value, source: 'service' });
    expect(odometerWhy({ what: 'falls', from: at('1990-01-01', 93_500), to: at('1992-01-01', 52_000) }, 'mi')).toBe(
      'it falls from 93,500 on 1 Jan 1990 to 52,000 on 1 Jan 1992, and cannot have gone round in that time',
    );
    expect(
      odometerWhy({ what: 'may-have-gone-round', from: at('1972-01-01', 1), to: at('1990-01-01', 2) }, 'mi'),
    ).toMatch(/a reading between would settle it/);
    expect(odometerWhy({ what: 'may-have-gone-round', from: null, to: at('1990-01-01', 2) }, 'mi')).toMatch(
      /an earlier reading would settle it/,
    );
  });
});

describe('records of papers in one line', () => {
  const at = '2027-02-10T09:00:00Z';
  it('say what was said, and nothing that was not', () => {
    expect(
      numberText({
        place: 'frame',
        zone: null,
        asRead: '',
        fastening: null,
        stamping: 'unreadable',
        evidence: 'seen',
        note: '',
        at,
      }),
    ).toBe('not read, not to be read');
    expect(
      paperText({
        sort: 'service',
        on: '1990-01-01',
        seen: 'copy',
        says: '',
        owner: '',
        odometer: { value: 48_000, unit: 'mi' },
        changed: true,
        at,
      }),
    ).toBe('service record, 1 Jan 1990, 48,000 mi, odometer changed, copy seen');
    expect(
      keeperText({ who: 'A', from: null, to: '1970-05-01', place: '', storage: 'unknown', by: 'told', note: '', at }),
    ).toBe('A, not known since when to 1 May 1970, told');
    expect(
      partText({
        part: 'radio',
        what: '',
        state: 'unknown',
        reversible: 'unknown',
        works: null,
        evidence: 'seen',
        note: '',
        at,
      }),
    ).toBe('not known');
    expect(
      restoredText({
        system: 'cabin',
        fromYear: 1988,
        toYear: 1989,
        by: 'a workshop',
        extent: null,
        papers: true,
        quality: 'good',
        matured: true,
        signs: ['welds-dressed'],
        evidence: 'seen',
        note: '',
        at,
      }),
    ).toBe('cabin, 1988 to 1989, by a workshop, with papers, good now, matured, welds dressed');
  });
});
