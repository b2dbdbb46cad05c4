import { sql } from 'drizzle-orm';
import { planList, readLotList } from '@/core/yard/lot-list';
import type { Db } from '@/data/db';
import { takeChanges } from '@/data/gateway';
import { changeLot, giveLot, lotRow } from '@/data/lot-change';
import { addLot } from '@/data/lots';
import { renamePerson } from '@/data/people';
import { addSale, changeSale, salesOf, setSaleState } from '@/data/sales';
import { testDatabase } from '@/data/test-database';
import { put } from '@/data/test-entries';
import { type TestHouse, testHouse } from '@/data/test-house';
import { yardPage } from '@/data/yard';
import { previewList, takeShownList } from './sale-list';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let house: TestHouse;
const NOW = new Date('2027-02-01T08:00:00Z');
const FACTS = {
  name: 'Spring stock',
  place: 'Vennor',
  timeZone: 'Europe/Lisbon',
  opensOn: '2027-03-02',
  closesOn: null,
  catalogueOn: '2027-02-20',
  reportDaysBefore: 3,
  currency: 'VK',
  words: 'en-US',
  units: 'mil',
  kerb: 'right',
  embargoUntil: '2027-03-02T09:00:00.000Z',
} as const;
const LIST =
  'number,make,model,year,style,consignor,reserve_days,keys,stands\n1,Quillon,Harrow,1967,fastback,Ottoline Crane,5,office,Shed 2\n2,Sarvane,Corso,1962,hardtop,,,gate,\n';

beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
  house = await testHouse(db, owner, 'selling');
});
afterAll(() => end());
const newSale = (more: object = {}) => addSale(db, house.manager, { ...FACTS, ...more });
const add = async (saleId: string, number: number, title = `Lot ${number}`) =>
  (await addLot(db, house.manager, saleId, { number, title }))!;

describe('a sale', () => {
  it('is kept with all its facts', async () => {
    const id = await newSale();
    expect((await salesOf(db, house.manager)).find((s) => s.id === id)).toEqual({ id, state: 'open', ...FACTS });
  });

  it('takes along the days that follow its opening, and leaves those that were set', async () => {
    const saleId = await newSale();
    await add(saleId, 1);
    await addLot(db, house.manager, saleId, { number: 2, title: 'Two', reserveDays: 10 });
    await addLot(db, house.manager, saleId, { number: 3, title: 'Three', reportDueOn: '2027-02-05' });
    const due = async () => (await yardPage(db, house.manager, saleId)).rows.map((r) => r.reportDueOn);
    expect(await due()).toEqual(['2027-02-27', '2027-02-20', '2027-02-05']);
    await changeSale(db, house.manager, saleId, { opensOn: '2027-03-12' }, () => null);
    expect(await due()).toEqual(['2027-03-09', '2027-03-02', '2027-02-05']);
    await changeLot(
      db,
      house.manager,
      (await yardPage(db, house.manager, saleId)).rows[2]!.id,
      { reportDueOn: null },
      NOW,
    );
    expect(await due()).toEqual(['2027-03-09', '2027-03-02', '2027-03-09']);
  });

  it('refuses what contradicts itself, and is no other house’s', async () => {
    const saleId = await newSale();
    const refused = await changeSale(db, house.manager, saleId, { closesOn: '2027-01-01' }, (f) =>
      f.closesOn && f.opensOn && f.closesOn < f.opensOn ? 'before' : null,
    );
    expect(refused).toEqual({ ok: false, fault: 'before' });
    const other = await testHouse(db, owner, 'neighbour');
    expect(await changeSale(db, other.manager, saleId, { name: 'Taken' }, () => null)).toBeNull();
    expect(await setSaleState(db, other.manager, saleId, 'archived')).toBe(false);
  });

  it('takes no lots when closed, and stands last when in the archive', async () => {
    const saleId = await newSale({ name: 'Closing', opensOn: '2020-01-01' });
    const { lotId } = await add(await newSale(), 77);
    await setSaleState(db, house.manager, saleId, 'closed');
    expect(await addLot(db, house.manager, saleId, { number: 1, title: 'Late' })).toBeNull();
    expect(await changeLot(db, house.manager, lotId, { saleId }, NOW)).toBe('sale-closed');
    const shown = await previewList(db, house.manager, saleId, LIST);
    expect(await takeShownList(db, house.manager, saleId, LIST, shown.digest)).toBeNull();
    await setSaleState(db, house.manager, saleId, 'archived');
    expect((await salesOf(db, house.manager)).at(-1)).toMatchObject({ id: saleId, state: 'archived' });
    await setSaleState(db, house.manager, saleId, 'open');
    expect(await addLot(db, house.manager, saleId, { number: 1, title: 'In time' })).not.toBeNull();
  });
});

describe('a list of lots', () => {
  it('is shown before it is taken, and taken twice it changes nothing', async () => {
    const saleId = await newSale();
    const shown = await previewList(db, house.manager, saleId, LIST);
    expect(shown.steps.map((s) => [s.number, s.does])).toEqual([
      [1, 'adds'],
      [2, 'adds'],
    ]);
    expect((await yardPage(db, house.manager, saleId)).rows).toHaveLength(0);
    expect(await takeShownList(db, house.manager, saleId, LIST, shown.digest)).toEqual({ added: 2, changed: 0 });
    const [first] = (await yardPage(db, house.manager, saleId)).rows;
    expect(await lotRow(db, house.manager, first!.id)).toMatchObject({
      title: 'Quillon Harrow fastback, 1967',
      consignor: 'Ottoline Crane',
      keysWith: 'office',
      stands: 'Shed 2',
      due: '2027-02-25',
      dueBySale: true,
      begun: false,
    });
    const again = await previewList(db, house.manager, saleId, LIST);
    expect(again.steps.map((s) => s.does)).toEqual(['nothing', 'nothing']);
    expect(await takeShownList(db, house.manager, saleId, LIST, again.digest)).toEqual({ added: 0, changed: 0 });
  });

  it('is not taken when the sale changed since it was shown, nor with a mistake in it', async () => {
    const saleId = await newSale();
    const shown = await previewList(db, house.manager, saleId, LIST);
    await add(saleId, 2, 'Somebody else’s');
    expect(await takeShownList(db, house.manager, saleId, LIST, shown.digest)).toBe('changed-meanwhile');
    const wrong = `${LIST}x,A,B,,,,,,\n`;
    const seen = await previewList(db, house.manager, saleId, wrong);
    expect(seen.bad).toEqual([{ line: 4, message: '“x” is no lot number' }]);
    expect(await takeShownList(db, house.manager, saleId, wrong, seen.digest)).toBe('changed-meanwhile');
    expect((await yardPage(db, house.manager, saleId)).rows).toHaveLength(1);
  });

  it('renames no lot that was begun', async () => {
    const saleId = await newSale();
    const { inspectionId } = await add(saleId, 1, 'Corvane Sarso');
    await takeChanges(
      db,
      house.inspector,
      inspectionId,
      [put('claim', { kind: 'other', text: 'One owner.', source: 'seller', saidAt: NOW.toISOString() })],
      NOW,
    );
    const { steps, digest } = await previewList(db, house.manager, saleId, LIST);
    expect(steps[0]).toMatchObject({ does: 'refused', why: 'other-car' });
    expect(await takeShownList(db, house.manager, saleId, LIST, digest)).toBe('changed-meanwhile');
    expect(planList(readLotList(LIST, (t) => t).lots, [])[0]!.does).toBe('adds');
  });
});

describe('a lot', () => {
  it('moves to another sale and number, but never onto another lot', async () => {
    const [from, to] = [await newSale(), await newSale({ opensOn: '2027-04-10' })];
    const { lotId } = await add(from, 5);
    await add(to, 5);
    expect(await changeLot(db, house.manager, lotId, { saleId: to, stands: 'Gate' }, NOW)).toBe('number-taken');
    expect(await lotRow(db, house.manager, lotId)).toMatchObject({ number: 5, stands: '', sale: { id: from } });
    expect(await changeLot(db, house.manager, lotId, { saleId: to, number: 6, stands: 'Gate' }, NOW)).toBe('done');
    expect(await lotRow(db, house.manager, lotId)).toMatchObject({
      number: 6,
      stands: 'Gate',
      due: '2027-04-07',
      sale: { id: to },
    });
    const other = await testHouse(db, owner, 'far');
    expect(await changeLot(db, other.manager, lotId, { number: 7 }, NOW)).toBe('nothing-there');
    expect(await changeLot(db, house.manager, lotId, { saleId: other.saleId }, NOW)).toBe('nothing-there');
  });

  it('is withdrawn with a reason, and taken back', async () => {
    const { lotId } = await add(await newSale(), 1);
    await changeLot(db, house.manager, lotId, { withdrawn: 'sold before' }, NOW);
    expect(await lotRow(db, house.manager, lotId)).toMatchObject({ withdrawnAt: NOW, withdrawnWhy: 'sold before' });
    await changeLot(db, house.manager, lotId, { withdrawn: null }, NOW);
    expect(await lotRow(db, house.manager, lotId)).toMatchObject({ withdrawnAt: null, withdrawnWhy: '' });
  });

  it('is given to inspectors, whose names the Yard shows and searches as they are now', async () => {
    const saleId = await newSale();
    const { lotId } = await add(saleId, 1);
    expect(await giveLot(db, house.manager, lotId, house.inspector.userId, true)).toBe(true);
    expect(await giveLot(db, house.manager, lotId, house.viewer.userId, true)).toBe(false);
    const keeper = async () => (await yardPage(db, house.manager, saleId)).rows[0]!.keeper;
    expect(await keeper()).toBe('selling inspector');
    await renamePerson(db, house.manager, house.inspector.userId, 'Ilse Brandvik');
    expect(await keeper()).toBe('Ilse Brandvik');
    await giveLot(db, house.manager, lotId, house.inspector.userId, false);
    expect(await keeper()).toBe('');
  });

  it('takes a consignor’s account only of a consignor of the house', async () => {
    const { lotId } = await add(await newSale(), 1);
    expect(await changeLot(db, house.manager, lotId, { consignorId: house.viewer.userId }, NOW)).toBe(
      'no-such-consignor',
    );
    await owner.execute(sql`update membership set role = 'consignor' where user_id = ${house.viewer.userId}`);
    expect(await changeLot(db, house.manager, lotId, { consignorId: house.viewer.userId }, NOW)).toBe('done');
    expect((await lotRow(db, { ...house.viewer, role: 'consignor' }, lotId))?.consignorId).toBe(house.viewer.userId);
  });
});
