import { createHash } from 'node:crypto';
import type { Db } from '@/data/db';
import { claim, giveBack, takeShared } from '@/data/rate-buckets';
import { noteSignIn } from '@/data/sign-in-events';
import { countTry } from '@/data/sign-in-tries';
import { testDatabase } from '@/data/test-database';
import { testHouse } from '@/data/test-house';
import { addressOf } from '../../bin/address.js';
import { countAttempt, forgetAttempts, TRIES } from './attempts';
import { passes } from './note-failure';
import { quietErrors } from './quiet-errors';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
const NOW = new Date('2027-02-10T09:00:00Z');
const later = (seconds: number) => new Date(NOW.getTime() + seconds * 1000);
beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
});
afterAll(() => end());

describe('tries of a password', () => {
  const rule = { free: 3, longestS: 60, forgetS: 3600 };
  const name = () => createHash('sha256').update(`${Math.random()}`).digest('hex');

  it('sent at once are let through only as often as is free', async () => {
    const who = name();
    const waits = await Promise.all(Array.from({ length: 20 }, () => countTry(db, who, rule, NOW)));
    expect(waits.filter((w) => w === 0)).toHaveLength(3);
    expect(waits.filter((w) => w > 0)).toHaveLength(17);
  });

  it('wait twice as long after each, up to a bound, and are forgotten after a pause', async () => {
    const who = name();
    for (let i = 0; i < 3; i++) await countTry(db, who, rule, NOW);
    let at = 0;
    const waits: number[] = [];
    for (let i = 0; i < 8; i++) {
      const wait = await countTry(db, who, rule, later(at));
      waits.push(wait);
      at += wait;
      expect(await countTry(db, who, rule, later(at))).toBe(0);
    }
    expect(waits).toEqual([1, 2, 4, 8, 16, 32, 60, 60]);
    for (let i = 0; i < 3; i++) expect(await countTry(db, who, rule, later(at + 3601))).toBe(0);
  });

  it('from many addresses wait, but not those of a person who was here before', async () => {
    const { manager, orgId } = await testHouse(db, owner, 'tries');
    const account = 'Manager@tries.example ';
    await noteSignIn(db, { at: NOW, orgId, userId: manager.userId, what: 'signed-in', address: '10.2.0.1', agent: '' });
    const attempt = (address: string) => countAttempt(db, { account, userId: manager.userId, address }, NOW);
    const waits: number[] = [];
    for (let i = 0; i < TRIES.accountFromElsewhere.free + 5; i++) waits.push(await attempt(`10.3.0.${i}`));
    expect(waits.filter((w) => w === 0)).toHaveLength(TRIES.accountFromElsewhere.free);
    expect(await attempt('10.2.0.1')).toBe(0);
    // Other spellings of the account are the same; the right password forgets.
    for (let i = 0; i < TRIES.accountAndAddress.free; i++) await attempt('10.2.0.1');
    const other = { account: account.trim().toLowerCase(), userId: manager.userId, address: '10.2.0.1' };
    expect(await countAttempt(db, other, NOW)).toBeGreaterThan(0);
    await forgetAttempts(db, other);
    expect(await countAttempt(db, other, NOW)).toBe(0);
  });
});

describe('buckets that all servers share', () => {
  const size = { burst: 5, perSecond: 2 };
  it('give what they hold, once, however many ask at once, and refill', async () => {
    const waits = await Promise.all(Array.from({ length: 12 }, () => takeShared(db, 'a', size, NOW)));
    expect(waits.filter((w) => w === 0)).toHaveLength(5);
    expect(await takeShared(db, 'a', size, later(3))).toBe(0);
    expect(await takeShared(db, 'b', size, NOW)).toBe(0);
    // A clock that goes back refills nothing.
    for (let i = 0; i < 10; i++) await takeShared(db, 'c', size, later(60));
    expect(await takeShared(db, 'c', size, NOW)).toBeGreaterThan(0);
  });
});

it('claims are one person’s until they are given back, or lapse', async () => {
  const asked = await Promise.all(Array.from({ length: 6 }, () => claim(db, 'import a', 60, NOW)));
  expect(asked.filter(Boolean)).toHaveLength(1);
  expect(await claim(db, 'import b', 60, NOW)).toBe(true);
  expect(await claim(db, 'import a', 60, later(59))).toBe(false);
  await giveBack(db, 'import a');
  expect(await claim(db, 'import a', 60, later(59))).toBe(true);
  expect(await claim(db, 'import a', 60, later(200))).toBe(true);
});

describe('the address of a caller', () => {
  it.each([
    ['no proxy of ours', '6.6.6.6', 0, '192.0.2.1'],
    ['one, honest', '203.0.113.7', 1, '203.0.113.7'],
    ['one, and the caller wrote two before it', '6.6.6.6, 7.7.7.7, 203.0.113.7', 1, '203.0.113.7'],
    ['two', '6.6.6.6, 203.0.113.7, 10.0.0.2', 2, '203.0.113.7'],
    ['two, and the list is too short', '203.0.113.7', 2, '192.0.2.1'],
    ['one, and nothing was told', undefined, 1, '192.0.2.1'],
  ])('behind %s', (_what, told, hops, expected) => {
    expect(addressOf(told, '192.0.2.1', hops)).toBe(expected);
  });
});

it('tells what passes by itself from what is wrong with what was asked', () => {
  const failed = (code: string) => Object.assign(new Error('Failed query'), { cause: { code } });
  // A lock's time-out, a query's, a shutdown, too many connections, a serialisation failure.
  for (const code of ['55P03', '57014', '57P01', '53300', '40001', '08006', 'CONNECTION_CLOSED'])
    expect([code, passes(failed(code))]).toEqual([code, true]);
  for (const code of ['23505', '22021', '42P01']) expect([code, passes(failed(code))]).toEqual([code, false]);
  expect(passes(Object.assign(new Error('failed to get the session'), { name: 'APIError' }))).toBe(true);
  expect([passes(new Error('plain')), passes(null)]).toEqual([false, false]);
});

it('lets no query, and nothing that was entered, into the server’s messages', () => {
  const said: unknown[][] = [];
  const log = { error: (...given: unknown[]) => void said.push(given) };
  quietErrors(log);
  const failed = Object.assign(new Error('Failed query: select * from session where token = $1\nparams: SECRETTOKEN'), {
    cause: { code: '57P01' },
    digest: '123',
  });
  log.error('page:', failed);
  log.error(new Error('plain'));
  expect(JSON.stringify(said)).not.toContain('SECRETTOKEN');
  expect(said[0]!.join(' ')).toContain('57P01');
  expect(said[1]![0]).toBeInstanceOf(Error);
});
