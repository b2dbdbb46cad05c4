import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { Db } from '@/data/db';
import { dropFilms, filmFileOf } from '@/data/films';
import { testDatabase } from '@/data/test-database';
import { type TestHouse, testHouse } from '@/data/test-house';
import { photoStore } from '../photo-store';
import { sha256Of } from '../sha256';
import { filmAnswer } from './film-answer';
import { FILM_LIMITS, filmStream, hasFilm, removeFilm } from './film-store';
import { filmState, finishFilm, keepFilmPart } from './film-uploads';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let house: TestHouse;
const folder = mkdtempSync(path.join(os.tmpdir(), 'farvin-films-'));
const PLACE = '+47.1234+008.5678/';

beforeAll(async () => {
  process.env.PHOTO_STORE = folder;
  ({ db, owner, end } = await testDatabase());
  house = await testHouse(db, owner, 'tramshed');
});
afterAll(async () => {
  await end();
  rmSync(folder, { recursive: true });
});

function box(name: string, ...inside: Buffer[]): Buffer {
  const head = Buffer.alloc(8);
  head.writeUInt32BE(8 + inside.reduce((n, b) => n + b.length, 0));
  head.write(name, 4, 'latin1');
  return Buffer.concat([head, ...inside]);
}
/** A film of a little more than two parts whose notes lie across the border of two of them. */
function film(fill: number): Buffer {
  const head = box('ftyp', Buffer.from('isom0000'));
  const before = FILM_LIMITS.partBytes - head.length - 8 - 8 - 16 - 3;
  const notes = box('moov', box('udta', box('\xa9xyz', Buffer.from(PLACE))));
  return Buffer.concat([
    head,
    box('mdat', Buffer.alloc(before, fill)),
    notes,
    box('free', Buffer.alloc(5_000_000, fill)),
  ]);
}
const partsOf = (bytes: Buffer) =>
  Array.from({ length: Math.ceil(bytes.length / FILM_LIMITS.partBytes) }, (_, i) =>
    bytes.subarray(i * FILM_LIMITS.partBytes, (i + 1) * FILM_LIMITS.partBytes),
  );
async function sent(bytes: Buffer) {
  const origin = sha256Of(bytes);
  const parts = partsOf(bytes);
  for (const [i, part] of parts.entries()) await keepFilmPart(house.inspector, origin, i, part);
  return finishFilm(db, house.inspector, origin, parts.length);
}
async function bytesOf(stream: AsyncIterable<Uint8Array>): Promise<Buffer> {
  const pieces: Uint8Array[] = [];
  for await (const p of stream) pieces.push(p);
  return Buffer.concat(pieces);
}

it('keeps a film under the hash of what is kept, without the place where it was taken', async () => {
  const bytes = film(7);
  expect(bytes.includes(PLACE)).toBe(true);
  const taken = await sent(bytes);
  if (!taken.ok) throw new Error(taken.reason);
  const row = (await filmFileOf(db, house.inspector, taken.film.sha256))!;
  const kept = await bytesOf(filmStream(row));
  expect(sha256Of(kept)).toBe(taken.film.sha256);
  expect(kept.includes(PLACE.slice(0, 6))).toBe(false);
  expect(kept.includes('udta')).toBe(false);
  // Nothing but the notes has changed: no picture of the film lies elsewhere.
  expect(kept).toHaveLength(bytes.length);
  const changed = [...kept].findIndex((b, i) => b !== bytes[i]);
  expect(bytes.subarray(changed, changed + 4).toString('latin1')).toBe('udta');
  expect(kept.subarray(changed + 40).equals(bytes.subarray(changed + 40))).toBe(true);
});

it('goes on where a sending broke off, and takes the same film twice for one', async () => {
  const bytes = film(9);
  const origin = sha256Of(bytes);
  const [first, ...rest] = partsOf(bytes);
  await keepFilmPart(house.inspector, origin, 0, first!);
  expect(await filmState(db, house.inspector, origin)).toEqual({ film: null, parts: [0] });
  expect(await finishFilm(db, house.inspector, origin, rest.length + 1)).toEqual({
    ok: false,
    reason: 'parts-missing',
  });
  for (const [i, part] of rest.entries()) await keepFilmPart(house.inspector, origin, i + 1, part);
  const taken = await finishFilm(db, house.inspector, origin, rest.length + 1);
  expect(taken.ok).toBe(true);
  const again = await filmState(db, house.inspector, origin);
  expect(taken.ok && again.film).toMatchObject({ sha256: taken.ok && taken.film.sha256 });
  expect(again.parts).toEqual([]);
});

it.each([
  ['parts of another film', () => Buffer.concat([film(3).subarray(0, 100), Buffer.from('x')]), 'parts-differ', 'other'],
  ['a page that calls itself a film', () => Buffer.from('<html>ftyp</html>'), 'not-a-film', null],
  [
    'boxes that reach past the end',
    () => Buffer.concat([box('ftyp', Buffer.from('isom0000')), Buffer.from([0, 9, 9, 9]), Buffer.from('moov')]),
    'damaged',
    null,
  ],
])('refuses %s and keeps nothing of it', async (_what, make, reason, other) => {
  const bytes = make();
  const origin = other ? sha256Of(Buffer.from(other)) : sha256Of(bytes);
  await keepFilmPart(house.inspector, origin, 0, bytes);
  expect(await finishFilm(db, house.inspector, origin, 1)).toEqual({ ok: false, reason });
  expect(await filmState(db, house.inspector, origin)).toEqual({ film: null, parts: [] });
});

it('is counted in the room of the house', async () => {
  process.env.FARVIN_PICTURES_GB = '0.000001';
  expect(await sent(film(11))).toEqual({ ok: false, reason: 'quota' });
  delete process.env.FARVIN_PICTURES_GB;
});

describe('given out', () => {
  const ask = async (range?: string) => {
    const taken = await sent(film(7));
    if (!taken.ok) throw new Error(taken.reason);
    const row = (await filmFileOf(db, house.inspector, taken.film.sha256))!;
    const answer = filmAnswer(new Request('http://x/', range ? { headers: { range } } : {}), row);
    return { row, answer };
  };
  it('gives a range across parts, and says which', async () => {
    const from = FILM_LIMITS.partBytes - 3;
    const { row, answer } = await ask(`bytes=${from}-${from + 9}`);
    expect(answer.status).toBe(206);
    expect(answer.headers.get('content-range')).toBe(`bytes ${from}-${from + 9}/${row.bytes}`);
    const whole = await bytesOf(filmStream(row));
    expect(Buffer.from(await answer.arrayBuffer()).equals(whole.subarray(from, from + 10))).toBe(true);
  });
  it('gives the end where only that is asked for, and all where nothing is', async () => {
    const { row, answer } = await ask('bytes=-5');
    expect(answer.headers.get('content-range')).toBe(`bytes ${row.bytes - 5}-${row.bytes - 1}/${row.bytes}`);
    const all = (await ask()).answer;
    expect([all.status, all.headers.get('content-length')]).toEqual([200, String(row.bytes)]);
  });
  it('refuses a range outside the film', async () => {
    const { row, answer } = await ask('bytes=999999999-');
    expect([answer.status, answer.headers.get('content-range')]).toEqual([416, `bytes */${row.bytes}`]);
  });
});

it('is removed only when no house has it any more', async () => {
  const other = await testHouse(db, owner, 'harbour');
  const bytes = film(5);
  const mine = await sent(bytes);
  if (!mine.ok) throw new Error(mine.reason);
  const origin = sha256Of(bytes);
  for (const [i, part] of partsOf(bytes).entries()) await keepFilmPart(other.inspector, origin, i, part);
  expect(await finishFilm(db, other.inspector, origin, partsOf(bytes).length)).toMatchObject({ ok: true });
  const { sha256 } = mine.film;
  expect(await owner.transaction((tx) => dropFilms(tx, house.orgId, [sha256]))).toEqual([]);
  expect(await filmFileOf(db, house.inspector, sha256)).toBeNull();
  const [gone] = await owner.transaction((tx) => dropFilms(tx, other.orgId, [sha256]));
  expect(await hasFilm(gone!)).toBe(true);
  await removeFilm(gone!);
  expect(await photoStore().list(`film-${sha256}/`)).toEqual([]);
});
