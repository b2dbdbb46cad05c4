import { createHash } from 'node:crypto';
import { existsSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { type ObjectStoreStandIn, startObjectStore } from '@/instruments/object-store';
import { type ObjectStore, StoreTrouble } from './object-store';
import { getPhoto, photoStore, pictureKey, putPhoto } from './photo-store';
import { folderStore } from './photo-store-folder';
import { s3Store } from './photo-store-s3';

let standIn: ObjectStoreStandIn;
let folder: string;
beforeAll(async () => {
  standIn = await startObjectStore();
  folder = mkdtempSync(path.join(os.tmpdir(), 'farvin-store-'));
});
afterAll(async () => {
  await standIn.stop();
  rmSync(folder, { recursive: true, force: true });
});
const stores: readonly [string, () => ObjectStore][] = [
  ['a folder', () => folderStore(folder)],
  ['an S3-compatible store', () => s3Store(new URL(`s3://pictures?endpoint=${standIn.endpoint}`))],
];

describe.each(stores)('%s', (_name, open) => {
  it('gives back what it was given, byte for byte, and null for what it was not', async () => {
    const store = open();
    const bytes = Buffer.from(Array.from({ length: 70_000 }, (_, i) => (i * 31) & 255));
    await store.put('ab/one.full', bytes);
    expect((await store.get('ab/one.full'))!.equals(bytes)).toBe(true);
    await store.put('ab/one.full', Buffer.from('new'));
    expect((await store.get('ab/one.full'))!.toString()).toBe('new');
    expect(await store.get('ab/none.full')).toBeNull();
    expect([await store.has('ab/one.full'), await store.has('ab/none.full')]).toEqual([true, false]);
  });
  it('takes a file in and gives it back piece by piece', async () => {
    const store = open();
    const bytes = Buffer.from(Array.from({ length: 300_000 }, (_, i) => (i * 7) & 255));
    const file = path.join(os.tmpdir(), `farvin-file-${process.pid}`);
    writeFileSync(file, bytes);
    await store.putFile('ab/file.full', file);
    rmSync(file);
    const pieces: Buffer[] = [];
    for await (const piece of (await store.stream('ab/file.full'))!) pieces.push(Buffer.from(piece));
    expect(Buffer.concat(pieces).equals(bytes)).toBe(true);
    expect(await store.stream('ab/nothing.full')).toBeNull();
  });
  it('lists and removes', async () => {
    const store = open();
    for (const n of ['0', '1', '2']) await store.put(`parts-x/${n}`, Buffer.from(n));
    await store.put('parts-y/0', Buffer.from('other'));
    expect((await store.list('parts-x/')).sort()).toEqual(['parts-x/0', 'parts-x/1', 'parts-x/2']);
    await store.remove('parts-x/1');
    await store.remove('parts-x/1');
    expect((await store.list('parts-x/')).sort()).toEqual(['parts-x/0', 'parts-x/2']);
    expect(await store.list('parts-none/')).toEqual([]);
  });
});

it('pages through a long listing', async () => {
  const store = stores[1]![1]();
  for (let i = 0; i < 1003; i++) (standIn.objects as Map<string, Buffer>).set(`pictures/many/${i}`, Buffer.from('x'));
  expect(await store.list('many/')).toHaveLength(1003);
});

it('tells a full and a broken store apart', async () => {
  const store = stores[1]![1]();
  standIn.fail('full');
  await expect(store.put('ab/x', Buffer.from('x'))).rejects.toEqual(new StoreTrouble('full'));
  standIn.fail('broken');
  await expect(store.get('ab/x')).rejects.toMatchObject({ why: 'away' });
  standIn.fail(null);
  await store.put('ab/x', Buffer.from('x'));
});

it('says that a folder is gone instead of making an empty one, and leaves no half file on a full disk', async () => {
  const gone = path.join(folder, 'unmounted');
  await expect(folderStore(gone).put('ab/x', Buffer.from('x'))).rejects.toMatchObject({ why: 'away' });
  expect(existsSync(gone)).toBe(false);
  // A device that is always full, as Linux offers for such trials.
  const file = path.join(folder, 'cd');
  const store = folderStore(folder);
  await store.put('cd/x', Buffer.from('x'));
  await expect(folderStore('/dev').put('full/x', Buffer.from('x'))).rejects.toBeInstanceOf(StoreTrouble);
  expect(readdirSync(file)).toEqual(['x']);
});

it('refuses names that leave the folder', async () => {
  const store = folderStore(folder);
  await expect(store.get('../../etc/passwd')).rejects.toThrow('outside');
});

describe('what lies under a picture’s name', () => {
  const bytes = Buffer.from('a picture');
  const sha = createHash('sha256').update(bytes).digest('hex');
  beforeAll(() => {
    process.env.PHOTO_STORE = folder;
  });
  const quiet = () => jest.spyOn(console, 'error').mockImplementation(() => {});
  afterEach(() => jest.restoreAllMocks());

  it('is given out only when it is that picture', async () => {
    quiet();
    await putPhoto(sha, 'full', bytes);
    expect(await getPhoto(sha, 'full')).toEqual(bytes);
    await photoStore().put(pictureKey(sha, 'full'), Buffer.from('another picture'));
    expect(await getPhoto(sha, 'full')).toBeNull();
  });

  it('as a copy is given out only when this program made it of that picture and for that size', async () => {
    quiet();
    await putPhoto(sha, '320', bytes);
    expect(await getPhoto(sha, '320')).toEqual(bytes);
    const kept = (await photoStore().get(pictureKey(sha, '320')))!;
    await photoStore().put(pictureKey(sha, '2048'), kept);
    expect(await getPhoto(sha, '2048')).toBeNull();
    await photoStore().put(pictureKey(sha, '320'), Buffer.concat([kept.subarray(0, 32), Buffer.from('swapped')]));
    expect(await getPhoto(sha, '320')).toBeNull();
    await photoStore().put(pictureKey(sha, '320'), Buffer.from('x'));
    expect(await getPhoto(sha, '320')).toBeNull();
  });
});
