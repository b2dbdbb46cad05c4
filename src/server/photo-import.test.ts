import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import exifr from 'exifr';
import sharp from 'sharp';
import { sniffPicture, stripMetadata } from '@/core/image/strip-metadata';
import { createAccount, createOrganisation } from '@/data/accounts';
import { type Actor, actorOf } from '@/data/actor';
import type { Db } from '@/data/db';
import { photoFileOf } from '@/data/photos';
import { testDatabase } from '@/data/test-database';
import { importPhoto } from './photo-import';
import { getPhoto } from './photo-store';

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
  expect(await sharp((await getPhoto(photo.sha256, '2048'))!).metadata()).toMatchObject({ width: 2048, height: 1024 });
  expect(await sharp((await getPhoto(photo.sha256, '320'))!).metadata()).toMatchObject({ width: 320, height: 160 });
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
