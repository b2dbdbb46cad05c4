import { v7 as uuidv7 } from 'uuid';
import { FLAWS } from '@/core/catalogue/flaws/catalogue';
import { alarmStream } from '@/server/alarm-stream';
import { Live } from '@/server/live';
import type { Actor } from './actor';
import { ALARMING_FLAW, hearAlarm, openAlarms } from './alarms';
import type { Db } from './db';
import { takeChanges } from './gateway';
import { addLot } from './lots';
import { setState } from './revisions';
import { salesOf } from './sales';
import { session } from './tables/auth';
import { testDatabase } from './test-database';
import { carBody, put, TEST_NOW } from './test-entries';
import { type TestHouse, testHouse } from './test-house';

let db: Db;
let url: string;
let end: () => Promise<void>;
let house: TestHouse;
let stranger: Actor;
/** The stranger's open session: a stream lives no longer than its own. */
const OPEN = { id: 'open', token: 'open', expiresAt: new Date('2100-01-01T00:00:00Z') };

beforeAll(async () => {
  const database = await testDatabase();
  ({ db, url, end } = database);
  house = await testHouse(db, database.owner, 'tramshed');
  stranger = (await testHouse(db, database.owner, 'harbour')).manager;
  await database.owner.insert(session).values({ ...OPEN, userId: stranger.userId });
});
afterAll(() => end());

const lost = (id = uuidv7()) =>
  put(
    'finding',
    { zone: 'rail.left.front', flaw: ALARMING_FLAW, where: 'at the steering mount', at: TEST_NOW.toISOString() },
    { record: id },
  );
const numbers = async (actor: Actor) => (await openAlarms(db, actor)).map((a) => a.number);

it('is raised by the gravest stage of the catalogue and no other', () => {
  expect(FLAWS.filter((f) => (f.stage ?? 0) >= 5).map((f) => f.id)).toEqual([ALARMING_FLAW]);
});

it('tells managers of the house, each until that one has taken note, and nobody else', async () => {
  const id = uuidv7();
  const { lotId } = await house.readyLot(lost(id));
  const [alarm] = await openAlarms(db, house.manager);
  expect(alarm).toMatchObject({ id, lotId, zone: 'rail.left.front', where: 'at the steering mount' });
  expect(await numbers(stranger)).toEqual([]);
  expect(await hearAlarm(db, stranger, id, TEST_NOW)).toBe(false);
  expect(await hearAlarm(db, house.manager, id, TEST_NOW)).toBe(true);
  expect(await hearAlarm(db, house.manager, id, TEST_NOW)).toBe(true);
  expect(await numbers(house.manager)).toEqual([]);
});

it('is silent of what was taken out again, and of a sealed report', async () => {
  const [gone, sealed] = [uuidv7(), uuidv7()];
  const a = await house.readyLot(lost(gone));
  const b = await house.readyLot(lost(sealed));
  expect(await numbers(house.manager)).toHaveLength(2);
  const out = { id: uuidv7(), op: 'remove', kind: 'finding', record: gone, base: 1 };
  expect(await takeChanges(db, house.inspector, a.inspectionId, [out], TEST_NOW)).toMatchObject([
    { status: 'applied' },
  ]);
  expect((await openAlarms(db, house.manager)).map((x) => x.id)).toEqual([sealed]);
  await setState(db, house.manager, b.inspectionId, 'reviewed');
  expect(await numbers(house.manager)).toHaveLength(1);
});

it('reaches an open page at once', async () => {
  const live = new Live(() => url);
  const over = new AbortController();
  const stream = alarmStream({ tells: 'alarms', db, live, actor: stranger, session: OPEN.id, signal: over.signal });
  const reader = stream
    .pipeThrough(new TextDecoderStream() as never)
    .getReader() as ReadableStreamDefaultReader<string>;
  const until = async (word: RegExp) => {
    let text = '';
    while (!word.test(text)) {
      const next = await reader.read();
      if (next.done) throw new Error(`the stream ended with ${text}`);
      text += next.value;
    }
    return text;
  };
  expect(await until(/data: .*\n/)).toContain('data: []');
  const harbour = await testHouseLot();
  const told = await until(/data: .*\n/);
  expect(told).toContain('rail.left.front');
  expect(told).toContain(harbour.lotId);
  await reader.cancel();
  await live.stop();
});

/** A lot of the other house with lost structure. */
async function testHouseLot() {
  const [sale] = await salesOf(db, stranger);
  const ids = (await addLot(db, stranger, sale!.id, { number: 77, title: 'Harbour lot', reportDueOn: null }))!;
  const results = await takeChanges(
    db,
    stranger,
    ids.inspectionId,
    [put('car', carBody, { record: ids.lotId }), lost()],
    TEST_NOW,
  );
  expect(results).toMatchObject([{ status: 'applied' }, { status: 'applied' }]);
  return ids;
}

it('ends the oldest stream of a manager where one too many is opened', async () => {
  const live = new Live(() => url);
  const over = new AbortController();
  const open = () =>
    alarmStream({
      tells: 'alarms',
      most: 2,
      db,
      live,
      actor: stranger,
      session: OPEN.id,
      signal: over.signal,
    }).getReader();
  const readers = [open(), open(), open()];
  const ends = async (reader: (typeof readers)[number]) => {
    for (;;) if ((await reader.read()).done) return 'ended';
  };
  expect(await ends(readers[0]!)).toBe('ended');
  // The others still tell.
  const tells = async (reader: (typeof readers)[number]) => {
    for (let text = ''; ; ) {
      const { value, done } = await reader.read();
      if (done) return 'ended';
      text += new TextDecoder().decode(value);
      if (text.includes('data:')) return 'tells';
    }
  };
  expect([await tells(readers[1]!), await tells(readers[2]!)]).toEqual(['tells', 'tells']);
  over.abort();
  await live.stop();
});
