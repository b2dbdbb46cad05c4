import { planOf } from '@/core/body/plan';
import { KINDS } from '@/core/kinds';
import type { Records } from '@/core/records/reduce';
import { PLAIN_WORDING } from '@/words/vocabulary';
import { chipsOf } from './chips';
import { type EntryContext, parseEntry } from './parse';
import { entriesOf } from './puts';

const AT = '2027-02-10T09:00:00Z';
const context: EntryContext = {
  plan: planOf('fastback')!,
  zone: 'hood',
  unit: 'um',
  ceilingUm: 500,
  steering: 'left',
  kerb: 'left',
};
const options = { at: AT, place: null, visit: null };
const none: Records = new Map();

it.each([
  '131 over nr',
  'lf fender 5.2 mil',
  'ok roof',
  'blocked trunk no key',
  'chip 3 2mm touched in',
  'roof fading 40% from 3m told',
  'gap lf door/fender 4.2 4.5 flush +1',
])('enters records that their schema takes: %s', (text) => {
  const entries = entriesOf(parseEntry(text, context).items, none, options);
  expect(entries.length).toBeGreaterThan(0);
  for (const { kind, body } of entries) expect(KINDS[kind].schema.safeParse(body).error?.issues ?? []).toEqual([]);
});

it('puts what the dash shows into the run that is going on, or begins one', () => {
  const { items } = parseEntry('oil pressure 45 psi, temperature 185 f at idle', context);
  const start = (turnedAt: string) =>
    new Map([['s', { id: 's', kind: 'start', version: 1, body: { turnedAt } }]]) as unknown as Records;
  const [entry] = entriesOf(items, start('2027-02-10T08:50:00Z'), options);
  const body = KINDS.log.schema.parse(entry!.body);
  expect([body.startedAt, body.note, body.points[0]!.s]).toEqual(['2027-02-10T08:50:00Z', 'idle', 600]);
  expect(body.points[0]!.oilKpa).toBeCloseTo(310.26, 1);
  expect(body.points[0]!.tempC).toBeCloseTo(85, 6);
  // A start of the day before is another run.
  const [alone] = entriesOf(items, start('2027-02-09T08:50:00Z'), options);
  expect(KINDS.log.schema.parse(alone!.body)).toMatchObject({
    startedAt: '2027-02-10T09:00:00.000Z',
    points: [{ s: 0 }],
  });
  const later = parseEntry('temp 85 after 12 minutes', context).items;
  expect(entriesOf(later, none, options)[0]!.body).toMatchObject({
    startedAt: '2027-02-10T08:48:00.000Z',
    points: [{ s: 720, tempC: 85 }],
  });
});

it('says of a drive what was said, and never that it was driven', () => {
  const { items } = parseEntry('brakes pull left, tracks straight', context);
  const body = KINDS.road.schema.parse(entriesOf(items, none, options)[0]!.body);
  expect(body).toMatchObject({ driven: false, items: { 'brakes-straight': 'poor', 'tracks-straight': 'good' } });
  expect(body.note).toBe('brakes pulls left');
});

it('takes an asked value as mil, or as typed with the confirmation', () => {
  const { items } = parseEntry('hood 5.2', context);
  expect(entriesOf(items, none, { ...options, asked: 'as-mil' })[0]!.body).toMatchObject({
    thicknessUm: 5.2 * 25.4,
    typed: { text: '5.2', unit: 'mil' },
    confirmed: false,
  });
  expect(entriesOf(items, none, { ...options, asked: 'as-typed' })[0]!.body).toMatchObject({
    thicknessUm: 5.2,
    typed: { unit: 'um' },
    confirmed: true,
  });
});

it('places typed gaps evenly along their seam, one flushness for all of them', () => {
  const { items } = parseEntry('gap lf door/fender 4.2 4.5 5.1 flush +1', context);
  const [entry] = entriesOf(items, none, { ...options, seamLengthMm: () => 600 });
  expect(entry).toMatchObject({
    kind: 'gap',
    body: {
      seam: 'door.left.front|fender.left',
      stations: [
        { sMm: 100, gapMm: 4.2, flushMm: 1 },
        { sMm: 300, gapMm: 4.5, flushMm: 1 },
        { sMm: 500, gapMm: 5.1, flushMm: 1 },
      ],
    },
  });
  const chips = chipsOf(items, PLAIN_WORDING, 'um').map((c) => c.text);
  expect(chips).toEqual(['Front door, left', 'gap to front wing, left', '4.2, 4.5, 5.1 mm', 'flush +1 mm']);
});

it('replaces the zone’s newest reading at “again”, and only that zone’s', () => {
  const reading = (n: number, zone: string) =>
    ({ id: `01890000-0000-7000-8000-00000000000${n}`, kind: 'reading', version: 1, body: { zone } }) as never;
  const records: Records = new Map(
    [reading(1, 'hood'), reading(2, 'hood'), reading(3, 'roof')].map((r: { id: string }) => [r.id, r as never]),
  );
  const { items } = parseEntry('again 128', context);
  expect(entriesOf(items, records, options)).toMatchObject([
    { id: '01890000-0000-7000-8000-000000000002', body: { thicknessUm: 128 } },
  ]);
});

it('shows what it understood before it is taken', () => {
  const chips = (text: string) => chipsOf(parseEntry(text, context).items, PLAIN_WORDING, 'um').map((c) => c.text);
  expect(chips('lq over 412')).toEqual(['Rear wing, left', 'over 500 µm', '412 µm']);
  expect(chips('chip 3 2mm leading edge')).toEqual(['Bonnet', '3 × stone chip', '2 mm', 'leading edge']);
  expect(chips('blocked roof wet')).toEqual(['Roof', 'blocked: wet', 'paint, shape, corrosion']);
  expect(chipsOf(parseEntry('5.2', context).items, PLAIN_WORDING, 'um')[1]).toEqual({ text: '5 µm', tone: 'ask' });
});

it.each([
  ['no spare wheel', ['spare-wheel']],
  ['no jack and no tools', null],
  ['the jack is missing', ['jack']],
  ['does not come with the handbook', ['handbook']],
  ['missing the spare key', ['spare-key']],
  // What may be said of something else is not taken for it.
  ['no manual', null],
  ['no cover on the distributor', null],
  ['no jack points', null],
])('knows what is not with it: %s', (text, things) => {
  const { items } = parseEntry(text, context);
  const gone = items.flatMap((i) => (i.kind === 'came-along' && !i.there ? i.items : []));
  expect(gone.length > 0 ? gone : null).toEqual(things);
  expect(items.some((i) => i.kind === 'came-along' && i.there)).toBe(false);
});

it('keeps what comes along thing by thing, and how it stands in one look', () => {
  const own = {
    id: '01890000-0000-7000-8000-000000000009',
    kind: 'along',
    version: 1,
    body: { thing: 'jack', there: false, note: 'boot' },
  };
  const records: Records = new Map([[own.id, own as never]]);
  const put = (text: string, of: Records = records) => entriesOf(parseEntry(text, context).items, of, options);
  expect(put('comes with the jack and a spare key')).toEqual(
    expect.arrayContaining([
      { kind: 'along', id: own.id, body: expect.objectContaining({ thing: 'jack', there: true, note: 'boot' }) },
      { kind: 'along', body: expect.objectContaining({ thing: 'spare-key', there: true }) },
    ]),
  );
  const [stands] = put('sits low at the left rear');
  expect(stands).toMatchObject({ kind: 'standoff', body: { stands: 'low-left-rear' } });
  const held = { id: '01890000-0000-7000-8000-000000000008', kind: 'standoff', version: 1, body: stands!.body };
  expect(put('2 footer', new Map([[held.id, held as never]]))).toMatchObject([
    { kind: 'standoff', id: held.id, body: { stands: 'low-left-rear', looksWellFromM: 0.61 } },
  ]);
});
