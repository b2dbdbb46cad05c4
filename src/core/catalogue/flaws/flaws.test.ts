import { FLAW_TABLE } from '@/entry/lexicon';
import { FLAW_WORDS, flawCause, flawName } from '@/words/flaws';
import { ASPECTS } from '../../body/zone';
import { findingLoss, severity } from '../../findings/loss';
import { flawById } from './by-id';
import { FLAW_IDS, FLAWS } from './catalogue';
import { FAMILIES, REMEDIES } from './flaw';
import { OWN_WORDS } from './own-words';

const one = (flaw: string, extra: object = {}) => ({
  flaw,
  count: 1,
  sizeMm: null,
  share: null,
  iso4628: null,
  touchedIn: false,
  ...extra,
});

describe('catalogue', () => {
  it('names every flaw once, with words in both vocabularies', () => {
    expect(FLAW_IDS.size).toBe(FLAWS.length);
    expect(Object.keys(FLAW_WORDS).sort()).toEqual([...FLAW_IDS].sort());
    for (const id of FLAW_IDS) {
      expect(flawName(id, 'en-US')).not.toBe('');
      expect(flawName(id, 'en-GB')).not.toBe('');
    }
    expect(flawName('colour-mismatch', 'en-US')).toBe('color mismatch');
    expect(flawCause('dust-nib', 'en-GB')).toBe('dirty booth');
    expect(flawCause('missing', 'en-GB')).toBe('');
  });

  it.each(FLAWS.map((f) => [f.id, f] as const))('states %s within sense', (_id, f) => {
    expect(FAMILIES).toContain(f.family);
    for (const a of f.aspects) expect(ASPECTS).toContain(a);
    for (const r of f.remedies) expect(REMEDIES).toContain(r);
    if (f.id === OWN_WORDS) expect([f.loss, f.aspects]).toEqual([0, []]);
    else expect(f.loss).toBeGreaterThan(0);
    expect(f.loss).toBeLessThanOrEqual(2);
    expect(f.typicalMm).toBeGreaterThan(0);
    expect(f.contrast).toBeGreaterThanOrEqual(0);
    expect(f.contrast).toBeLessThanOrEqual(1);
  });

  it('covers the flaws of paint and the stages of corrosion', () => {
    const paint = [
      'chip',
      'peppering',
      'swirl',
      'burn-through',
      'fish-eye',
      'solvent-pop',
      'run',
      'orange-peel',
      'blister',
      'cracking',
      'peeling',
      'fading',
      'overspray',
    ];
    for (const id of paint) expect(FLAW_IDS.has(id)).toBe(true);
    const stages = FLAWS.filter((f) => f.stage !== undefined && f.id !== 'galvanic').map((f) => [f.stage, f.id]);
    expect(stages).toEqual([
      [1, 'rust-film'],
      [2, 'rust-blister'],
      [3, 'rust-scale'],
      [4, 'perforated'],
      [5, 'structural-loss'],
    ]);
    const losses = stages.map(([, id]) => flawById(id as string).loss);
    expect([...losses].sort((a, b) => a - b)).toEqual(losses);
  });

  it('lets one phrase mean several flaws only where the place tells them apart', () => {
    // What stays open is asked: a broken lamp may be cracked or dead, a worn thing may be of several kinds.
    const ASKED = new Set(['broken']);
    for (const [words, ids] of FLAW_TABLE) {
      const phrase = words.join(' ');
      const first = ids.map((id) => `${flawById(id).aspects[0]} ${flawById(id).only ?? ''}`);
      if (!ASKED.has(phrase)) expect([phrase, new Set(first).size]).toEqual([phrase, ids.length]);
    }
  });

  it('throws for an id that no schema lets through', () => {
    expect(() => flawById('hex')).toThrow('hex');
  });
});

describe('loss', () => {
  it('is the catalogue’s for a typical one', () => {
    expect(findingLoss(one('dent'))).toBeCloseTo(0.14, 12);
    expect(findingLoss(one('dent', { sizeMm: 80 }))).toBeCloseTo(0.14, 12);
  });
  it('grows with the root of count and of size, within bounds', () => {
    expect(findingLoss(one('chip', { count: 4 }))).toBeCloseTo(2 * findingLoss(one('chip')), 12);
    expect(findingLoss(one('dent', { sizeMm: 320 }))).toBeCloseTo(2 * findingLoss(one('dent')), 12);
    expect(findingLoss(one('dent', { sizeMm: 6000 }))).toBeCloseTo(4 * findingLoss(one('dent')), 12);
    expect(findingLoss(one('dent', { sizeMm: 0.1 }))).toBeCloseTo(0.3 * findingLoss(one('dent')), 12);
  });
  it('goes by share where a share is judged', () => {
    expect(findingLoss(one('fading', { share: 0.4 }))).toBeCloseTo(0.1, 12);
    expect(findingLoss(one('fading', { share: 0.1, sizeMm: 5000 }))).toBeCloseTo(0.05, 12);
  });
  it('goes by the grade of ISO 4628 where no share is typed, and by the typed share where both are', () => {
    const grade = (quantity: number) => ({ iso4628: { quantity, size: 3 } });
    expect(findingLoss(one('peeling', grade(5)))).toBeCloseTo(findingLoss(one('peeling', { share: 0.15 })), 12);
    expect(findingLoss(one('peeling', { share: 0.02, ...grade(5) }))).toBeCloseTo(
      findingLoss(one('peeling', { share: 0.02 })),
      12,
    );
    // The standard does not grade chips: a grade left over from another flaw says nothing.
    expect(findingLoss(one('chip', grade(5)))).toBe(findingLoss(one('chip')));
  });
  it('is less for what was touched in', () => {
    expect(findingLoss(one('chip', { touchedIn: true }))).toBeLessThan(findingLoss(one('chip')));
  });
  it('fills a pin’s head between empty and full, more for worse', () => {
    expect(severity(one('dust-nib'))).toBeLessThan(0.1);
    expect(severity(one('structural-loss'))).toBeGreaterThan(0.9);
    expect(severity(one('structural-loss', { count: 9999 }))).toBeLessThanOrEqual(1);
  });
});
