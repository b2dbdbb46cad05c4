import { checkDigitOf, readChassis17 } from './chassis-17';
import { engineSays, expectedEngine } from './engine';
import { compareNumbers } from './look-alikes';
import { decodeNumber, decodersFor, type NumberTemplate, templateSchema } from './template';
import { numberTemplates } from './templates';

const { templates } = numberTemplates.defaults;
const of = (id: string) => templates.find((t) => t.id === id)!;

describe('seventeen characters', () => {
  // Reckoned by hand: value × weight of each place, modulo eleven.
  it.each([
    // All ones: the weights sum to 89; 89 mod 11 = 1.
    ['11111111111111111', '1'],
    // Fives: 445 mod 11 = 5.
    ['55555555555555555', '5'],
    // Zeros but a 1 at weight 10: 10, which is written X.
    ['00000001000000000', 'X'],
    // A (1) at weight 8, Z (9) at weight 2: 8 + 18 = 26; 26 mod 11 = 4.
    ['A000000000000000Z', '4'],
    // S (2) at 8, W (6) at 7: 16 + 42 = 58; 58 mod 11 = 3.
    ['SW000000000000000', '3'],
    // A number used in textbooks of the scheme; its ninth character is X.
    ['1M8GDM9AXKP042788', 'X'],
    // P (7) at 6, R (9) at 5, Y (8) at 9: 42 + 45 + 72 = 159; 159 mod 11 = 5.
    ['00PR00000Y0000000', '5'],
  ])('%s bears %s', (number, digit) => expect(checkDigitOf(number)).toBe(digit));

  it('changes by any one character that has another value', () => {
    const base = '1XKDR62B5MT220871';
    const own = checkDigitOf(base);
    for (let i = 0; i < base.length; i++) {
      if (i === 8) continue;
      // Only the digit 0 counts nothing.
      const changed = `${base.slice(0, i)}${base[i] === '0' ? '1' : '0'}${base.slice(i + 1)}`;
      expect([changed, checkDigitOf(changed)]).not.toEqual([changed, own]);
    }
  });

  it('must hold for North America only; elsewhere a wrong one proves nothing', () => {
    const na = readChassis17('1XKDR62B5MT220871');
    const here = readChassis17('DXKDR62BZMT220871');
    if (!na.ok || !here.ok) throw new Error('both are read');
    expect([na.region, na.checkDigit.applies]).toEqual(['North America', true]);
    expect([here.region, here.checkDigit.applies, here.checkDigit.found]).toEqual(['Africa', false, 'Z']);
    expect([here.maker, here.descriptor, here.identifier]).toEqual(['DXK', 'DR62BZ', 'MT220871']);
    expect(here.modelYears).toEqual([1991, 2021]);
  });

  it('refuses other lengths, and I, O, Q with their place', () => {
    expect(readChassis17('QHF67-04418')).toEqual({ ok: false, reason: 'not-seventeen' });
    expect(readChassis17('DXKDR62BZMT22O871')).toEqual({ ok: false, reason: 'letter-not-used', at: 13 });
  });
});

describe('templates', () => {
  it('explain every character of the made-up makes’ numbers', () => {
    const decoded = decodeNumber('QHF67-04418', of('quillon-unitary'))!;
    expect(decoded.fields.map((f) => [f.name, f.from, f.text, f.means])).toEqual([
      ['make', 1, 'Q', 'Quillon'],
      ['model', 2, 'H', 'Halyard'],
      ['body', 3, 'F', 'fastback'],
      ['year', 4, '67', '1967'],
      ['serial', 6, '04418', 'number 4418'],
    ]);
    expect([decoded.fits, decoded.year]).toEqual([true, 1967]);
    for (const t of templates) {
      expect(templateSchema.safeParse(t).success).toBe(true);
      const places = t.fields.map((f) => f.name);
      expect(new Set(places).size).toBe(places.length);
    }
  });

  it.each([
    ['SL59-01177', 'sarvane-frame', 1959],
    ['AF74-220913', 'aldmoor-box', 1974],
    ['B11-38-0642', 'brannock-wood', 1938],
    ['TC69-440128', 'tolve-rear', 1969],
    ['HKD79-104422', 'haskett-early', 1979],
    ['DXKDR62BZMT220871', 'haskett-17', 1991],
    ['OV68-0231', 'ormelle-backbone', 1968],
  ])('%s is read by %s, of %d', (number, id, y) => {
    const decoded = decodeNumber(number, of(id))!;
    expect([decoded.fits, decoded.year]).toEqual([true, y]);
    expect(decodersFor(number, of(id).make, templates)[0]!.template).toBe(id);
  });

  it('tell what cannot be, and mend nothing', () => {
    const t = of('quillon-unitary');
    expect(decodeNumber('QXF67-04418', t)!.fields[1]).toMatchObject({ means: 'not in the table', fits: false });
    expect(decodeNumber('QHF92-04418', t)!.fits).toBe(false);
    expect(decodeNumber('QHF67-0441B', t)!.fields[4]).toMatchObject({ means: 'no running number', fits: false });
    expect(decodeNumber('QHF67-044', t)).toBeNull();
    // Of another make only what fits whole.
    expect(decodersFor('QXF67-04418', 'Sarvane', templates)).toEqual([]);
    expect(decodersFor('QXF67-04418', '', templates).map((d) => [d.template, d.fits])).toEqual([
      ['quillon-unitary', false],
    ]);
  });

  it('know a year by letters and by ranges, and two years that disagree', () => {
    const t: NumberTemplate = templateSchema.parse({
      id: 'x',
      make: 'Pellew',
      from: 1950,
      to: 1960,
      fields: [
        { is: 'year-letter', name: 'year', letters: 'ABCDEFGHIJK', from: 1950 },
        { is: 'sequence', name: 'serial', length: 4, ranges: [{ year: 1952, from: 1000, to: 1999 }] },
      ],
    });
    expect(decodeNumber('C1500', t)).toMatchObject({ fits: true, year: 1952 });
    expect(decodeNumber('D1500', t)).toMatchObject({ fits: false, year: null });
    expect(decodeNumber('C2500', t)).toMatchObject({ fits: false });
  });
});

describe('two numbers', () => {
  it.each([
    ['QH 04418', 'QH04418', { same: true }],
    ['QH 0441B', 'QH 04418', { same: false, differs: 1, ask: [{ place: 7, here: 'B', there: '8' }] }],
    ['QHO4418', 'QH04418', { same: false, differs: 1, ask: [{ place: 3, here: 'O', there: '0' }] }],
    ['QH 04419', 'QH 04418', { same: false, differs: 1, ask: [] }],
    ['QH 0441', 'QH 04418', { same: false, differs: null, ask: [] }],
  ] as const)('%s and %s', (a, b, says) => expect(compareNumbers(a, b)).toEqual(says));
});

describe('the engine', () => {
  const says = (engine: string, chassis: string, id: string | null, y: number | null = null) =>
    engineSays(engine, chassis, id ? of(id) : null, y);
  it('follows the chassis number by the make’s rule', () => {
    expect(expectedEngine('B11-38-0642', of('brannock-wood'))).toBe('B11 0642');
    expect(says('B11 0642', 'B11-38-0642', 'brannock-wood').is).toBe('original');
    expect(says('QH 04418', 'QHF67-04418', 'quillon-unitary').is).toBe('original');
    expect(says('QH 0441B', 'QHF67-04418', 'quillon-unitary').is).toBe('look-again');
    expect(says('QH 91220', 'QHF67-04418', 'quillon-unitary').is).toBe('another');
  });
  it('is of the right type with a plausible year, of the right type only, or of another', () => {
    expect(says('TC 51377', 'TC69-440128', 'tolve-rear', 1969)).toMatchObject({ is: 'right-type', plausible: true });
    expect(says('TC 60000', 'TC69-440128', 'tolve-rear', 1969)).toMatchObject({ years: [1970], plausible: false });
    // Of the year before: engines wait for cars.
    expect(says('TC 45000', 'TC69-440128', 'tolve-rear', 1969)).toMatchObject({ plausible: true });
    expect(says('TC 99999', 'TC69-440128', 'tolve-rear', 1969)).toMatchObject({ years: [], plausible: false });
    expect(says('XX 51377', 'TC69-440128', 'tolve-rear', 1969).is).toBe('wrong-type');
  });
  it('is not told without what it takes', () => {
    expect(says('', 'QHF67-04418', 'quillon-unitary')).toEqual({ is: 'not-told', why: 'no-engine-number' });
    expect(says('QH 1', 'QHF67-04418', null)).toEqual({ is: 'not-told', why: 'no-template' });
    expect(says('QH 04418', 'QZF67-04418', 'quillon-unitary')).toEqual({ is: 'not-told', why: 'chassis-not-read' });
  });
});
