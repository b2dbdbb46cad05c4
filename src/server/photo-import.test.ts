import { createHash } from 'node:crypto';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import exifr from 'exifr';
import sharp from 'sharp';
import { sniffPicture, stripMetadata } from '@/core/image/strip-metadata';
import { createAccount, createOrganisation } from '@/data/accounts';
import { type Actor, actorOf } from '@/data/actor';
import type { Db } from '@/data/db';
import { takeChanges } from '@/data/gateway';
import { recordsOfInspection } from '@/data/inspections';
import { logVerdict } from '@/data/log';
import { photoFileOf } from '@/data/photos';
import { photoFile } from '@/data/tables/pictures';
import { testDatabase } from '@/data/test-database';
import { put, TEST_NOW } from '@/data/test-entries';
import { type TestHouse, testHouse } from '@/data/test-house';
import { ensureCopy } from './photo-derivatives';
import { importPhoto } from './photo-import';
import { getPhoto, hasPhoto, photoStore, putPhoto } from './photo-store';
import { finishUpload, keepPart, PART_BYTES, uploadState } from './photo-uploads';
import { sealInspection } from './sealing';
import { HELD_BACK, stripStored } from './strip-stored';
import { takenAt } from './workshop/taken-at';
import { pictureShop } from './workshop/workshop';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let actor: Actor;
const folder = mkdtempSync(path.join(os.tmpdir(), 'farvin-photos-'));

beforeAll(async () => {
  process.env.PHOTO_STORE = folder;
  ({ db, owner, end } = await testDatabase());
  actor = (await actorOf(
    db,
    await createAccount(owner, {
      name: 'Ilse',
      email: 'ilse@tramshed.example',
      passwordHash: '-',
      orgId: await createOrganisation(owner, 'Office'),
      role: 'inspector',
    }),
  ))!;
});
afterAll(async () => {
  pictureShop().close();
  await end();
  rmSync(folder, { recursive: true });
});

const EXIF = {
  IFD0: { Copyright: 'someone' },
  IFD2: { DateTimeOriginal: '2027:02:10 09:12:30' },
  IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '50/1 5/1 0/1', GPSLongitudeRef: 'E', GPSLongitude: '4/1 0/1 0/1' },
};
/** A 60 × 40 picture, red on the left and blue on the right, with a position in its notes. */
const picture = () => {
  const half = (colour: string) => ({
    input: { create: { width: 30, height: 40, channels: 3 as const, background: colour } },
    top: 0,
  });
  return sharp({ create: { width: 60, height: 40, channels: 3, background: '#000' } }).composite([
    { ...half('#d00'), left: 0 },
    { ...half('#00d'), left: 30 },
  ]);
};
const jpeg = (orientation?: number) =>
  picture()
    .withExif(EXIF)
    .withMetadata(orientation ? { orientation, exif: EXIF } : { exif: EXIF })
    .jpeg()
    .toBuffer();

async function taken(bytes: Buffer) {
  const result = await importPhoto(db, actor, bytes);
  if (!result.ok) throw new Error(result.reason);
  return result.photo;
}

it('keeps the moment and removes the position', async () => {
  const bytes = await jpeg();
  expect(await exifr.gps(bytes)).toMatchObject({ longitude: 4 });
  const photo = await taken(bytes);
  expect(photo).toMatchObject({
    type: 'image/jpeg',
    widthPx: 60,
    heightPx: 40,
    takenAt: new Date('2027-02-10T09:12:30Z'),
  });
  for (const size of ['full', '2048', '320'] as const) {
    if (size !== 'full') await ensureCopy(photo.sha256, size);
    const kept = (await getPhoto(photo.sha256, size))!;
    expect(await exifr.gps(kept).catch(() => undefined)).toBeUndefined();
    expect(kept.includes('someone')).toBe(false);
  }
});

it('leaves the picture itself untouched, bit by bit', async () => {
  const bytes = await jpeg();
  const photo = await taken(bytes);
  const raw = (b: Buffer) => sharp(b).raw().toBuffer();
  expect(Buffer.compare(await raw(bytes), await raw((await getPhoto(photo.sha256, 'full'))!))).toBe(0);
});

it('turns the copies upright and tells the upright size', async () => {
  const photo = await taken(await jpeg(6));
  expect(photo).toMatchObject({ widthPx: 40, heightPx: 60 });
  const small = await sharp((await getPhoto(photo.sha256, '320'))!)
    .raw()
    .toBuffer({ resolveWithObject: true });
  expect([small.info.width, small.info.height]).toEqual([40, 60]);
  // Orientation 6 turns a quarter clockwise: what was left is now on top.
  const [r, , b] = small.data.subarray(0, 3);
  expect(r!).toBeGreaterThan(b!);
});

it.each(['png', 'webp'] as const)('takes %s, also a turned one', async (format) => {
  const bytes = await picture().withMetadata({ orientation: 6, exif: EXIF })[format]().toBuffer();
  const photo = await taken(bytes);
  expect(photo).toMatchObject({ type: `image/${format}`, widthPx: 40, heightPx: 60 });
  expect(await exifr.gps((await getPhoto(photo.sha256, 'full'))!).catch(() => undefined)).toBeUndefined();
});

it('knows the same picture again, whatever its notes say', async () => {
  const one = await taken(await picture().withExif(EXIF).jpeg().toBuffer());
  const other = await taken(await picture().jpeg().toBuffer());
  expect(other.sha256).toBe(one.sha256);
  expect(await photoFileOf(db, actor, one.sha256)).toMatchObject({ bytes: one.bytes });
});

it('makes copies of at most 2048 and 320 px', async () => {
  const big = await sharp({ create: { width: 3000, height: 1500, channels: 3, background: '#345' } })
    .jpeg()
    .toBuffer();
  const photo = await taken(big);
  expect(await ensureCopy(photo.sha256, '2048')).toBe(true);
  expect(await sharp((await getPhoto(photo.sha256, '2048'))!).metadata()).toMatchObject({ width: 2048, height: 1024 });
  expect(await sharp((await getPhoto(photo.sha256, '320'))!).metadata()).toMatchObject({ width: 320, height: 160 });
});

it('leaves the large copy for later where many are taken in at once; it is made when it is asked for', async () => {
  const bytes = await sharp({ create: { width: 2400, height: 1200, channels: 3, background: '#543' } })
    .jpeg()
    .toBuffer();
  const taken = await importPhoto(db, actor, bytes, 'when-asked');
  if (!taken.ok) throw new Error(taken.reason);
  const { sha256 } = taken.photo;
  expect([await hasPhoto(sha256, '320'), await hasPhoto(sha256, '2048')]).toEqual([true, false]);
  expect(await ensureCopy(sha256, '2048')).toBe(true);
  expect(await sharp((await getPhoto(sha256, '2048'))!).metadata()).toMatchObject({ width: 2048, height: 1024 });
});

describe('what it refuses, storing nothing', () => {
  const refused = async (bytes: Buffer) => {
    const before = readdirSync(folder, { recursive: true }).length;
    const result = await importPhoto(db, actor, bytes);
    expect(readdirSync(folder, { recursive: true }).length).toBe(before);
    return result.ok ? 'taken' : result.reason;
  };
  it('text, an SVG and nothing at all', async () => {
    expect(await refused(Buffer.from('hello'))).toBe('not-a-picture');
    expect(await refused(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'))).toBe('not-a-picture');
    expect(await refused(Buffer.alloc(0))).toBe('not-a-picture');
  });
  it('a picture cut off in the middle', async () => {
    const whole = await sharp({ create: { width: 400, height: 400, channels: 3, background: '#a52' } })
      .jpeg()
      .toBuffer();
    expect(await refused(whole.subarray(0, whole.length / 2))).toBe('damaged');
    expect(await refused(whole.subarray(0, 12))).toBe('damaged');
  });
  it('a small file that unpacks to too many pixels', async () => {
    const bomb = await sharp({
      create: { width: 12000, height: 12000, channels: 3, background: '#000' },
      limitInputPixels: false,
    })
      .png()
      .toBuffer();
    expect(bomb.length).toBeLessThan(2_000_000);
    expect(await refused(bomb)).toBe('too-many-pixels');
  });
});

it('strips twice to the same bytes and refuses broken structure', async () => {
  for (const bytes of [await jpeg(3), await picture().png().toBuffer(), await picture().webp().toBuffer()]) {
    const type = sniffPicture(bytes)!;
    const once = stripMetadata(bytes, type, 3)!;
    expect(Buffer.compare(Buffer.from(stripMetadata(once, type, 3)!), Buffer.from(once))).toBe(0);
    expect(stripMetadata(bytes.subarray(0, 30), type)).toBeNull();
  }
});

it('reads HEIC, as a JPEG, and refuses a damaged one', async () => {
  const photo = await taken(readFileSync(path.join(__dirname, 'fixtures', 'drawn.heic')));
  expect(photo).toMatchObject({
    type: 'image/jpeg',
    widthPx: 480,
    heightPx: 320,
    takenAt: new Date('2027-02-10T09:15:00Z'),
  });
  const { data } = await sharp((await getPhoto(photo.sha256, 'full'))!)
    .extract({ left: 40, top: 40, width: 1, height: 1 })
    .raw()
    .toBuffer({ resolveWithObject: true });
  // The fixture is drawn: teal to the left, ochre to the right.
  expect([...data].map((v) => Math.round(v / 40))).toEqual([1, 3, 3]);
  const box = Buffer.from('\0\0\0\x18ftypheic\0\0\0\0heicmif1', 'latin1');
  expect(await importPhoto(db, actor, Buffer.concat([box, Buffer.alloc(500, 7)]))).toEqual({
    ok: false,
    reason: 'damaged',
  });
});

it.each([
  ['+02:00', '2027-02-10T09:05:30.000Z'],
  ['-08:00', '2027-02-10T19:05:30.000Z'],
  ['', '2027-02-10T11:05:30.000Z'],
  ['late', '2027-02-10T11:05:30.000Z'],
])('reads the moment with its own offset “%s”', async (offset, iso) => {
  const bytes = await picture()
    .jpeg()
    .withExif({ IFD2: { DateTimeOriginal: '2027:02:10 11:05:30', ...(offset && { OffsetTimeOriginal: offset }) } })
    .toBuffer();
  expect(await takenAt(bytes, false)).toEqual(new Date(iso));
});

it('reads a HEIC’s own moment', async () => {
  const bytes = readFileSync(path.join(__dirname, 'fixtures', 'drawn-at.heic'));
  expect(await takenAt(bytes, true)).toEqual(new Date('2027-02-10T09:05:30Z'));
  expect((await taken(bytes)).takenAt).toEqual(new Date('2027-02-10T09:05:30Z'));
});

describe('a picture sent in parts', () => {
  const whole = () =>
    sharp({
      create: {
        width: 1400,
        height: 1000,
        channels: 3,
        background: '#000',
        noise: { type: 'gaussian', mean: 128, sigma: 40 },
      },
    })
      .png()
      .toBuffer();
  const shaOf = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex');
  const parts = (bytes: Buffer) =>
    Array.from({ length: Math.ceil(bytes.length / PART_BYTES) }, (_, i) =>
      bytes.subarray(i * PART_BYTES, (i + 1) * PART_BYTES),
    );

  it('goes on where it broke off, in any order, and leaves no part behind', async () => {
    const bytes = await whole();
    const origin = shaOf(bytes);
    const pieces = parts(bytes);
    expect(pieces.length).toBeGreaterThan(2);
    expect(await uploadState(db, actor, origin)).toEqual({ photo: null, parts: [] });
    await keepPart(actor, origin, 1, pieces[1]!);
    expect(await finishUpload(db, actor, origin, pieces.length)).toEqual({ ok: false, reason: 'parts-missing' });
    expect((await uploadState(db, actor, origin)).parts).toEqual([1]);
    for (const [i, piece] of pieces.entries()) if (i !== 1) await keepPart(actor, origin, i, piece);
    const done = await finishUpload(db, actor, origin, pieces.length);
    expect(done).toMatchObject({ ok: true, photo: { widthPx: 1400, heightPx: 1000 } });
    expect(await photoStore().list(`parts-${actor.orgId}-${origin}/`)).toEqual([]);
    // Asked again after a lost answer, it is the same picture; so is the same file dropped anew.
    expect(await finishUpload(db, actor, origin, pieces.length)).toMatchObject(done);
    expect((await uploadState(db, actor, origin)).photo?.sha256).toBe(done.ok && done.photo.sha256);
  });

  it('is refused when the parts are not the file announced', async () => {
    const origin = shaOf(Buffer.from('another file'));
    await keepPart(actor, origin, 0, Buffer.from('not that file'));
    expect(await finishUpload(db, actor, origin, 1)).toEqual({ ok: false, reason: 'parts-differ' });
    expect((await uploadState(db, actor, origin)).parts).toEqual([]);
  });
});

it('makes a lost copy again, and says when the picture itself is lost', async () => {
  const photo = await taken(
    await sharp({ create: { width: 90, height: 60, channels: 3, background: '#285' } })
      .jpeg()
      .toBuffer(),
  );
  await ensureCopy(photo.sha256, '2048');
  await photoStore().remove(`${photo.sha256.slice(0, 2)}/${photo.sha256}.320`);
  expect(await ensureCopy(photo.sha256, '320')).toBe(true);
  expect(await getPhoto(photo.sha256, '320')).not.toBeNull();
  expect(await ensureCopy('f'.repeat(64), '320')).toBe(false);
});

describe('pictures that an earlier program kept', () => {
  const withTrailer = async (shade: string) => {
    const plain = await sharp({ create: { width: 60, height: 40, channels: 3, background: shade } })
      .jpeg()
      .toBuffer();
    return Buffer.concat([plain, await jpeg()]);
  };
  /** As an earlier program left it: the whole file under its hash, and a record that names it. */
  const kept = async (bytes: Buffer, inspectionId: string) => {
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    await putPhoto(sha256, 'full', bytes);
    const facts = { type: 'image/jpeg', bytes: bytes.length, widthPx: 60, heightPx: 40 };
    await owner.insert(photoFile).values({ orgId: house.orgId, sha256, ...facts, stripped: 1 });
    const change = put('photo', { sha256, name: 'x.jpg', ...facts });
    expect(await takeChanges(db, house.inspector, inspectionId, [change], TEST_NOW)).toMatchObject([
      { status: 'applied' },
    ]);
    return sha256;
  };
  const named = async (inspectionId: string) =>
    (await recordsOfInspection(db, house.manager, inspectionId)).flatMap((r) =>
      r.kind === 'photo' ? r.body.sha256 : [],
    );
  let house: TestHouse;

  it('lose their notes in open inspections, and are held back from strangers in sealed ones', async () => {
    house = await testHouse(db, owner, 'tramshed');
    const [open, closed] = [await house.readyLot(), await house.readyLot()];
    const before = await kept(await withTrailer('#345'), open.inspectionId);
    const sealedSha = await kept(await withTrailer('#543'), closed.inspectionId);
    expect(await sealInspection(db, house.manager, closed.inspectionId, TEST_NOW)).toMatchObject({ ok: true });
    expect(await stripStored(owner)).toEqual({ looked: 2, clean: 0, replaced: 1, heldBack: [sealedSha], missing: [] });
    const [now] = await named(open.inspectionId);
    expect(now).not.toBe(before);
    expect((await getPhoto(now!, 'full'))!.includes('someone')).toBe(false);
    expect(await getPhoto(before, 'full')).toBeNull();
    expect(await photoFileOf(db, house.manager, before)).toBeNull();
    expect(await logVerdict(db, house.manager, open.inspectionId)).toMatchObject({ whole: true });
    expect(await named(closed.inspectionId)).toEqual([sealedSha]);
    expect(await photoFileOf(db, house.manager, sealedSha)).toMatchObject({ stripped: HELD_BACK });
    expect(await stripStored(owner)).toMatchObject({ looked: 0 });
  });
});
