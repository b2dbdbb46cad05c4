import { recordOf, TEST_AT } from '@/core/kinds/test-records';
import { PLAIN_WORDING } from '@/words/vocabulary';
import { onRecord } from './on-record';
import { readRests, recordsBehind, restsQuery } from './rests';

const reading = (zone: string, thicknessUm: number) =>
  recordOf('reading', { zone, state: 'read', thicknessUm, typed: { text: String(thicknessUm), unit: 'um' } });
const dent = recordOf('finding', { zone: 'hood', flaw: 'dent', sizeMm: 40, evidence: 'inferred' });
const picture = recordOf('photo', {
  sha256: 'a'.repeat(64),
  name: 'dent.jpg',
  type: 'image/jpeg',
  bytes: 10,
  widthPx: 40,
  heightPx: 30,
  zone: 'hood',
  finding: dent.id,
});
const film = recordOf('film', {
  name: 'round.webm',
  sha256: 'b'.repeat(64),
  type: 'video/webm',
  bytes: 9,
  lengthS: 90,
  cues: 1,
});
const spoken = recordOf('moment', {
  film: film.id,
  fromS: 41.5,
  words: 'a dent in the hood',
  of: dent.id,
  zone: 'hood',
});
const seam = 'door.left.front|fender.left';
const gap = recordOf('gap', { seam, by: 'feeler', stations: [{ sMm: 100, gapMm: 4.5 }] });
const records = [reading('hood', 118), reading('roof', 104), dent, picture, film, spoken, gap];
const said = (rests: Parameters<typeof onRecord>[1]) =>
  onRecord(records, rests, PLAIN_WORDING, 'um').flatMap((g) => g.entries.map((e) => `${g.place}: ${e.says}`));

describe('what a statement rests on', () => {
  it('is chosen by kind and place, by seam, or by id, and never holds what only shows or tells of it', () => {
    expect(recordsBehind(records, { kinds: ['reading'] }).map((r) => r.kind)).toEqual(['reading', 'reading']);
    expect(recordsBehind(records, { zones: ['hood'] }).map((r) => r.kind)).toEqual(['reading', 'finding']);
    expect(recordsBehind(records, { zones: ['fender.left'] })).toEqual([gap]);
    expect(recordsBehind(records, { kinds: ['gap'], seam })).toEqual([gap]);
    expect(recordsBehind(records, { ids: [dent.id] })).toEqual([dent]);
    expect(recordsBehind(records, { ids: ['01890000-0000-7000-8000-ffffffffffff'] })).toEqual([]);
  });

  it('goes through an address and comes back the same', () => {
    const rests = { kinds: ['reading', 'gap'] as const, zones: ['hood', 'door.left.front'], seam };
    expect(readRests(Object.fromEntries(new URLSearchParams(restsQuery(rests))))).toEqual({ ...rests, ids: undefined });
  });

  it.each([
    ['nothing asked', {}],
    ['an unknown kind', { kinds: 'secrets' }],
    ['no zone', { zones: '../etc' }],
    ['no id', { ids: '1;drop' }],
    ['a list that is none', { kinds: ['reading'] }],
  ])('refuses an address with %s', (_what, query) => {
    expect(readRests(query)).toBeNull();
  });
});

describe('records as a reader sees them', () => {
  it('are told place by place in the reader’s unit', () => {
    expect(said({ kinds: ['reading'] })).toEqual(['Bonnet: 118 µm', 'Roof: 104 µm']);
    const [group] = onRecord(records, { zones: ['roof'] }, PLAIN_WORDING, 'mil');
    expect(group?.entries[0]?.says).toBe('4.1 mil');
  });

  it('come with how each is known, when, its pictures and its moment of the film', () => {
    const [hood] = onRecord(records, { zones: ['hood'] }, PLAIN_WORDING, 'um');
    const [measured, found] = hood!.entries;
    expect([measured!.evidence, found!.evidence]).toEqual(['measured', 'inferred']);
    expect(found!.at).toBe(TEST_AT);
    expect(found!.pictures.map((p) => p.sha256)).toEqual(['a'.repeat(64)]);
    expect(found!.moments).toMatchObject([{ fromS: 41.5, words: 'a dent in the hood' }]);
    expect(measured!.pictures).toEqual([]);
    expect(JSON.parse(found!.sealed)).toMatchObject({ id: dent.id, version: 1, zone: 'hood', sizeMm: 40 });
  });
});
