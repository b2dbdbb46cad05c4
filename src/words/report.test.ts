import { carSchema } from '@/core/kinds/car';
import { visitSchema } from '@/core/kinds/visit';
import { carFacts, extentText, likelyText, notSeenText, visitText } from './report';
import { PLAIN_WORDING } from './vocabulary';

const AT = '2027-02-10T09:00:00Z';
const US = { ...PLAIN_WORDING, words: 'en-US' as const };

it('says how far a finding reaches, and only what is known of it', () => {
  const nothing = {
    flaw: 'dent',
    iso4628: null,
    sizeMm: null,
    share: null,
    where: '',
    touchedIn: false,
    visibleFromM: null,
  };
  expect(extentText(nothing)).toBe('');
  expect(
    extentText({ ...nothing, sizeMm: 40, share: 0.125, where: 'lower edge', touchedIn: true, visibleFromM: 3 }),
  ).toBe('40 mm · 13 % of the panel · lower edge · touched in · seen from 3 m');
  // Two inches and ten feet, as they were said.
  expect(extentText({ ...nothing, sizeMm: 50.8, visibleFromM: 3.048 })).toBe('51 mm · seen from 3 m');
  expect(extentText({ ...nothing, sizeMm: 1.5 })).toBe('1.5 mm');
  const graded = { ...nothing, iso4628: { quantity: 3, size: 2 } };
  expect(extentText({ ...graded, flaw: 'blister' })).toBe('quantity 3, size 2 (ISO 4628-2)');
  expect(extentText(graded)).toBe('');
});

it('names the second likeliest state only while it is not out of the question', () => {
  expect(likelyText({ factory: 0.92, resprayed: 0.06, heavy: 0.01, filled: 0.01 })).toBe('factory 92 %');
  expect(likelyText({ factory: 0.05, resprayed: 0.2, heavy: 0.6, filled: 0.15 })).toMatch(/ 60 %, .* 20 %$/);
  expect(likelyText(undefined)).toBe('not judged');
});

describe('a visit in words', () => {
  const gauge = {
    name: 'Tallow 3',
    ceilingUm: 500,
    checks: [
      { when: 'start', zeroUm: 2, foilUm: 125, foilReadUm: 128 },
      { when: 'end', zeroUm: 1, foilUm: 125, foilReadUm: 126 },
    ],
  };

  it('tells light, weather, lift and the checks of the gauge', () => {
    const said = visitText(
      visitSchema.parse({
        startedAt: AT,
        hours: 3,
        place: 'The Tramshed',
        inspector: 'Petra Quayle-Lunt',
        light: 'shade',
        surface: 'damp',
        clean: false,
        temperatureC: 4,
        lift: 'pit',
        gauge,
        note: 'Fog.',
      }),
    );
    expect(said).toContain('The Tramshed, by Petra Quayle-Lunt, 3 hours');
    expect(said).toContain('damp, car not clean, 4 °C, pit, no lift.');
    expect(said).toContain(
      'Thickness gauge Tallow 3, ceiling 500 µm, checked: at the start the 125 µm foil showed 128',
    );
    expect(said).toContain('at the end the 125 µm foil showed 126, bare plate 1.');
    expect(said.endsWith('Fog.')).toBe(true);
  });

  it('says what was not stated rather than passing over it', () => {
    const bare = visitText(visitSchema.parse({ startedAt: AT }));
    expect(bare).toContain('temperature not stated');
    expect(bare).toContain('No thickness gauge stated.');
    const unchecked = visitText(visitSchema.parse({ startedAt: AT, gauge: { ...gauge, checks: [] } }));
    expect(unchecked).toContain('not checked on foils');
  });
});

describe('the car in facts', () => {
  const car = (extra = {}) =>
    carSchema.parse({ make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback', ...extra });
  const fact = (facts: ReturnType<typeof carFacts>, name: string) => facts.find(([n]) => n === name)?.[1];

  it('says “not read” for what nobody read, and for what nobody asked', () => {
    const facts = carFacts(car(), PLAIN_WORDING);
    for (const name of ['Chassis number', 'Engine number', 'Odometer']) expect(fact(facts, name)).toBe('not read');
    expect(fact(facts, 'Colour')).toBe('not stated');
    expect(fact(facts, 'Leave to drive')).toBe('not asked');
    expect(fact(facts, 'Fitted')).toBeUndefined();
  });

  it('says the number that was read on the car where intake states none, and none that was only told', () => {
    const stamp = (more: object) => ({
      id: '01890000-0000-7000-8000-000000000001',
      kind: 'number',
      version: 1,
      body: { place: 'engine-stamp', asRead: 'QH 20416', evidence: 'seen', at: '2027-02-10T09:00:00Z', ...more },
    });
    const engine = (...records: object[]) => fact(carFacts(car(), PLAIN_WORDING, records as never), 'Engine number');
    expect(engine(stamp({}))).toBe('QH 20416');
    expect(engine(stamp({ evidence: 'told' }))).toBe('not read');
    expect(engine(stamp({ place: 'gearbox' }))).toBe('not read');
  });

  it('says what was read, in the reader’s spelling', () => {
    const facts = carFacts(
      car({
        chassisNumber: 'QH67-00412',
        odometer: { value: 62180, unit: 'mi' },
        colour: 'Lichen green',
        fitted: { vinylRoof: true, sunroof: false, skirts: true },
        leave: { drive: 'yes' },
      }),
      US,
    );
    expect(fact(facts, 'Chassis number')).toBe('QH67-00412');
    expect(fact(facts, 'Odometer')).toBe('62,180 mi');
    expect(fact(facts, 'Color')).toBe('Lichen green');
    expect(fact(facts, 'Fitted')).toMatch(/vinyl roof.*fender skirts/i);
    expect(fact(facts, 'Leave to drive')).toBe('given');
  });
});

it('gathers what was not seen under its reason', () => {
  const rows = [
    { zone: 'hood', aspects: ['paint', 'shape'], why: 'wet' },
    { zone: 'roof', aspects: ['paint'], why: null },
    { zone: 'fender.left', aspects: ['corrosion'], why: 'wet' },
  ];
  const said = notSeenText(rows as unknown as Parameters<typeof notSeenText>[0], PLAIN_WORDING);
  expect(said.map((s) => s.why)).toEqual(['Blocked: wet', 'Not looked at']);
  expect(said[0]!.places).toMatch(/^Bonnet \(paint, .+\); Front wing, left \(.+\)$/);
  expect(said[1]!.places).toBe('Roof (paint)');
});
