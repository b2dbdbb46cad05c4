import { recordLine, type recordSays } from './record';
import { PLAIN_WORDING } from './vocabulary';

const AT = '2027-02-10T09:00:00Z';
type Of = Parameters<typeof recordSays>[0];
const gb = (record: object) => recordLine(record as Of, PLAIN_WORDING);
const us = (record: object) => recordLine(record as Of, { ...PLAIN_WORDING, words: 'en-US' });

it('says what an entry is in one line, in the reader’s words', () => {
  const reading = {
    kind: 'reading',
    body: { zone: 'fender.left', state: 'read', thicknessUm: 131, typed: { text: '131', unit: 'um' } },
  };
  expect(gb(reading)).toBe('reading, Front wing, left: 131 µm');
  expect(us(reading)).toBe('reading, Fender, left: 131 µm');
  expect(gb({ kind: 'reading', body: { ...reading.body, state: 'over', thicknessUm: 500 } })).toContain('over 500 µm');
  expect(gb({ kind: 'reading', body: { ...reading.body, state: 'none', thicknessUm: null } })).toContain('no reading');
  const look = { kind: 'look', body: { zone: 'hood', aspect: 'paint', outcome: 'blocked', why: 'wet', at: AT } };
  expect(gb(look)).toBe('look, Bonnet: paint blocked, wet');
  const finding = { kind: 'finding', body: { zone: 'hood', flaw: 'chip', count: 3, sizeMm: 2, where: 'edge' } };
  expect(gb(finding)).toBe('finding, Bonnet: 3 × stone chip, 2 mm, edge');
  expect(gb({ kind: 'claim', body: { text: 'Never painted', source: 'Harald Voss' } })).toBe(
    'claim: “Never painted”, Harald Voss',
  );
  expect(gb({ kind: 'car', body: { make: 'Quillon', model: 'Halyard', year: null } })).toBe('car: Quillon Halyard');
  expect(gb({ kind: 'photo', body: { zone: null, caption: '', name: 'p1.jpg' } })).toBe('photo: p1.jpg');
});
