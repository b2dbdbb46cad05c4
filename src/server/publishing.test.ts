import { randomUUID } from 'node:crypto';
import type { PublicAsked } from '@/core/yard/traits';
import type { Db } from '@/data/db';
import { takeChanges } from '@/data/gateway';
import { linksOf, openLink } from '@/data/links';
import { changeLot } from '@/data/lot-change';
import {
  isPublished,
  newestSealed,
  publicLots,
  publicSale,
  publishLot,
  refreshPublished,
  setSalePage,
  unpublishLot,
} from '@/data/published';
import { startRevision } from '@/data/revisions';
import { testDatabase } from '@/data/test-database';
import { put, TEST_NOW } from '@/data/test-entries';
import { type TestHouse, testHouse } from '@/data/test-house';
import { publicLot } from '@/report/public-lot';
import { readSnapshot } from '@/report/read-snapshot';
import { newToken, sealInspection, tokenHash } from './sealing';
import { figureShop } from './workshop/workshop';

let db: Db;
let end: () => Promise<void>;
let house: TestHouse;
let other: TestHouse;
const hours = (n: number) => new Date(TEST_NOW.getTime() + n * 3600_000);
const ALL: PublicAsked = { search: '', has: [], lacks: [], from: null, sort: 'number', after: null };
const AT = TEST_NOW.toISOString();

beforeAll(async () => {
  const made = await testDatabase();
  ({ db, end } = made);
  house = await testHouse(made.db, made.owner, 'pagehouse');
  other = await testHouse(made.db, made.owner, 'otherhouse');
});
afterAll(async () => {
  figureShop().close();
  await end();
});

const facts = async (lotId: string, of = house) => {
  const sealed = (await newestSealed(db, of.manager, lotId))!;
  const { snapshot } = readSnapshot(JSON.parse(sealed.report).snapshot)!;
  return { saleId: sealed.saleId, sha256: sealed.sha256, facts: publicLot(snapshot)! };
};
const sealed = async (n: number, ...more: object[]) => {
  const ids = await house.readyLot(...more);
  const result = await sealInspection(db, house.manager, ids.inspectionId, hours(n));
  if (!result.ok) throw new Error(result.reason);
  return ids;
};
const published = async (ids: { lotId: string }) => {
  const token = newToken();
  await publishLot(db, house.manager, { ...ids, ...(await facts(ids.lotId)), token, tokenHash: tokenHash(token) });
  return token;
};
const shown = async (asked: Partial<PublicAsked> = {}, limit = 48) =>
  publicLots(db, { orgId: house.orgId, saleId: house.saleId }, { ...ALL, ...asked }, limit);
const numbers = async (asked: Partial<PublicAsked> = {}) => (await shown(asked)).lots.map((l) => l.number);

it('opens a sale’s page by its address alone, and by none once it is shut', async () => {
  const token = newToken();
  expect(await publicSale(db, token)).toBeNull();
  expect(await setSalePage(db, house.manager, house.saleId, token)).toBe(true);
  expect(await publicSale(db, token)).toMatchObject({ saleId: house.saleId, name: 'Sale of pagehouse' });
  expect(await setSalePage(db, other.manager, house.saleId, newToken())).toBe(false);
  expect(await setSalePage(db, house.manager, house.saleId, null)).toBe(true);
  expect(await publicSale(db, token)).toBeNull();
});

it('shows what is published of sealed reports and nothing of a draft, withheld or withdrawn', async () => {
  const holed = await sealed(
    1,
    put('finding', { zone: 'rocker.left', flaw: 'perforated', at: AT }),
    put('finding', { zone: 'roof', flaw: 'dent', withheld: 'consignor wishes it', at: AT }),
  );
  const plain = await sealed(2);
  const draft = await house.readyLot();
  expect((await shown()).lots).toEqual([]);
  const token = await published(holed);
  await published(plain);
  const { lots, count } = await shown();
  expect(count).toBe(2);
  expect(lots[0]).toMatchObject({ token, findings: 1, traits: ['holes'] });
  expect(JSON.stringify(lots)).not.toContain('dent');
  expect(await isPublished(db, house.manager, draft.lotId)).toBe(false);
  // The link of its own opens the report; off the page it opens nothing.
  expect(await openLink(db, tokenHash(token), hours(3))).toMatchObject({ lotId: holed.lotId });
  expect(await numbers({ lacks: ['holes'] })).toEqual([2]);
  expect(await numbers({ has: ['holes'] })).toEqual([1]);
  expect(await numbers({ search: 'lot 2' })).toEqual([2]);
  expect(await numbers({ search: '100%' })).toEqual([]);
  expect(await unpublishLot(db, house.manager, holed.lotId, hours(4))).toBe(true);
  expect(await openLink(db, tokenHash(token), hours(5))).toBeNull();
  expect(await numbers()).toEqual([2]);
  expect(await changeLot(db, house.manager, plain.lotId, { withdrawn: 'sold before' }, hours(5))).toBe('done');
  expect(await numbers()).toEqual([]);
});

it('follows a new seal, and puts nothing of the revision on the page before that', async () => {
  const ids = await sealed(10);
  await published(ids);
  const find = async () => (await shown()).lots.find((l) => l.title === `Lot 4 of pagehouse`)!;
  expect(await find()).toMatchObject({ revision: 1, findings: 0 });
  const next = (await startRevision(db, house.manager, ids.inspectionId, 'A bidder asked'))!;
  await takeChanges(db, house.inspector, next, [put('finding', { zone: 'roof', flaw: 'dent', at: AT })], hours(11));
  expect(await find()).toMatchObject({ revision: 1, findings: 0 });
  expect((await sealInspection(db, house.manager, next, hours(12))).ok).toBe(true);
  const now = await facts(ids.lotId);
  await refreshPublished(db, house.manager, { lotId: ids.lotId, ...now });
  expect(await find()).toMatchObject({ revision: 2, findings: 1, sha256: now.sha256 });
});

it('keeps a lot that is put on twice under one address', async () => {
  const ids = await sealed(20);
  const first = await published(ids);
  await published(ids);
  expect((await shown()).lots.filter((l) => l.token === first)).toHaveLength(1);
  const links = await linksOf(db, house.manager, ids.lotId);
  expect(links.filter((l) => l.label === 'Sale page')).toHaveLength(1);
});

it('goes page by page through many, in every order, each once', async () => {
  const ids = await sealed(30);
  const own = await facts(ids.lotId);
  const wanted = 30;
  for (let n = 0; n < wanted; n++) {
    const lot = await house.lot();
    const token = newToken();
    const made = {
      ...own.facts,
      number: 100 + n,
      year: 1950 + (n % 7),
      grade: { low: 40, value: 40 + (n % 5), high: 50 },
    };
    await publishLot(db, house.manager, { ...own, ...lot, facts: made, token, tokenHash: tokenHash(token) });
  }
  for (const sort of ['number', 'grade', 'year'] as const) {
    const seen: number[] = [];
    let after: string | null = null;
    do {
      const page: Awaited<ReturnType<typeof shown>> = await shown({ sort, after }, 7);
      seen.push(...page.lots.map((l) => l.number));
      after = page.next;
    } while (after);
    const all = (await shown({ sort }, 1000)).lots.map((l) => l.number);
    expect([sort, seen]).toEqual([sort, all]);
    expect(new Set(seen).size).toBe(seen.length);
  }
  const grades = (await shown({ sort: 'grade', from: 42 }, 1000)).lots.map((l) => l.grade!.value);
  expect(grades).toEqual([...grades].sort((a, b) => b - a));
  expect(Math.min(...grades)).toBeGreaterThanOrEqual(42);
});

it('shows a house nothing of another’s page', async () => {
  const theirs = await publicLots(db, { orgId: other.orgId, saleId: house.saleId }, ALL, 10);
  expect(theirs).toMatchObject({ lots: [], count: 0 });
  expect(await isPublished(db, other.manager, randomUUID())).toBe(false);
});
