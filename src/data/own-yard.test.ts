import { sql } from 'drizzle-orm';
import { ROLES, type Role, roleMay } from '@/core/people/roles';
import { createAccount, createOrganisation } from './accounts';
import { type Actor, actorOf } from './actor';
import { auditOf } from './audit';
import { type Db, inOrg } from './db';
import { hasHouse, openFirstHouse } from './first-house';
import { takeChanges } from './gateway';
import { invitationBehind, invitationsOf, invite, inviteToRecover, letIn, withdrawInvitation } from './invitations';
import { changeRole, lendLot, lendSale, letGo, peopleOf } from './people';
import { search } from './search';
import { orgTable } from './tables/organisations';
import { shareLink } from './tables/seals';
import { testDatabase } from './test-database';
import { put, TEST_NOW } from './test-entries';
import { type TestHouse, testHouse } from './test-house';
import { yardPage } from './yard';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
});
afterAll(() => end());

const NOW = new Date('2026-11-26T09:00:00Z');
const yard = (name: string) => ({
  house: `${name} yard`,
  words: 'en-GB' as const,
  units: 'um' as const,
  timeZone: 'Europe/Lisbon',
  currency: 'VK',
  name: 'Maren Oxley',
  email: `Maren@${name}.example`,
  passwordHash: 'hash-of-maren',
});
const newcomer = (email: string) => ({ name: 'Odd Fairweather', email, passwordHash: 'hash-of-odd' });
let serial = 0;
const hash = () => (++serial).toString(16).padStart(64, '0');

describe('the first house', () => {
  it('is opened once, with its manager and its key, also when two press at once', async () => {
    expect(await hasHouse(db)).toBe(false);
    const both = await Promise.all([openFirstHouse(db, yard('first'), NOW), openFirstHouse(db, yard('second'), NOW)]);
    const opened = both.filter((b) => b !== null);
    expect(opened).toHaveLength(1);
    expect(await openFirstHouse(db, yard('third'), NOW)).toBeNull();
    expect(await hasHouse(db)).toBe(true);
    const maren = (await actorOf(db, opened[0]!.userId))!;
    expect(maren).toMatchObject({ name: 'Maren Oxley', role: 'manager', orgId: opened[0]!.orgId });
    expect((await peopleOf(db, maren)).map((p) => p.email)).toEqual([
      expect.stringMatching(/^maren@(first|second)\.example$/),
    ]);
    const [keys] = await owner.execute(sql`select count(*)::int as n from seal_key`);
    expect(keys!.n).toBe(1);
    expect((await auditOf(db, maren)).map((e) => e.what)).toEqual(['house-opened']);
  });
});

describe('somebody who is let in', () => {
  let house: TestHouse;
  beforeAll(async () => {
    house = await testHouse(db, owner, 'invitations');
  });

  it('comes in once by a link, in the role it was made for, and never by it again', async () => {
    const token = hash();
    await invite(db, house.manager, { role: 'editor', name: 'Odd', email: '', tokenHash: token }, NOW);
    expect(await invitationBehind(db, token)).toEqual({
      house: 'invitations',
      purpose: 'join',
      role: 'editor',
      name: 'Odd',
      email: '',
      standing: 'open',
    });
    const both = await Promise.all([
      letIn(db, token, newcomer('odd@invitations.example')),
      letIn(db, token, newcomer('other@invitations.example')),
    ]);
    expect(both.map((b) => (b.ok ? b.how : b.why)).sort()).toEqual(['joined', 'used']);
    const joined = both.find((b) => b.ok)! as { userId: string };
    expect(await actorOf(db, joined.userId)).toMatchObject({ role: 'editor', orgId: house.orgId });
    expect((await invitationsOf(db, house.manager, NOW))[0]).toMatchObject({ standing: 'used' });
  });

  it.each([
    [
      'a week later',
      'expired',
      (t: string) =>
        invite(
          db,
          house.manager,
          { role: 'viewer', name: '', email: '', tokenHash: t },
          new Date('2026-01-01T00:00:00Z'),
        ),
    ],
    [
      'once it is withdrawn',
      'withdrawn',
      async (t: string) => {
        const id = await invite(db, house.manager, { role: 'viewer', name: '', email: '', tokenHash: t }, new Date());
        expect(await withdrawInvitation(db, house.manager, id, new Date())).toBe(true);
        expect(await withdrawInvitation(db, house.manager, id, new Date())).toBe(false);
      },
    ],
    ['by no link', 'unknown', async () => {}],
  ])('is not let in %s', async (_when, why, make) => {
    const token = hash();
    await make(token);
    expect(await letIn(db, token, newcomer('late@invitations.example'))).toEqual({ ok: false, why });
    expect((await peopleOf(db, house.manager)).map((p) => p.email)).not.toContain('late@invitations.example');
  });

  it('takes no address that somebody has', async () => {
    const token = hash();
    await invite(db, house.manager, { role: 'viewer', name: '', email: '', tokenHash: token }, new Date());
    expect(await letIn(db, token, newcomer('Manager@invitations.example'))).toEqual({ ok: false, why: 'email-taken' });
    expect((await invitationBehind(db, token))!.standing).toBe('open');
  });

  it('is no other house’s business', async () => {
    const other = await testHouse(db, owner, 'curious');
    const id = await invite(db, house.manager, { role: 'viewer', name: '', email: '', tokenHash: hash() }, new Date());
    expect(await withdrawInvitation(db, other.manager, id, new Date())).toBe(false);
    expect(await invitationsOf(db, other.manager, NOW)).toEqual([]);
    expect(await inviteToRecover(db, other.manager, house.inspector.userId, hash(), NOW)).toBeNull();
    expect(await letGo(db, other.manager, house.inspector.userId)).toBe('nobody');
  });

  it('comes back in with a new password: every session ends, the second step is off, older links open nothing', async () => {
    const { userId } = house.inspector;
    await owner.execute(
      sql`insert into session (id, expires_at, token, user_id) values ('s1', now() + interval '1 day', 't1', ${userId})`,
    );
    await owner.execute(
      sql`insert into two_factor (id, secret, backup_codes, user_id) values ('f1', 'x', 'y', ${userId})`,
    );
    const [first, second] = [hash(), hash()];
    await inviteToRecover(db, house.manager, userId, first, new Date());
    await inviteToRecover(db, house.manager, userId, second, new Date());
    expect(await letIn(db, first, newcomer('x@invitations.example'))).toEqual({ ok: false, why: 'withdrawn' });
    expect(await letIn(db, second, newcomer('x@invitations.example'))).toMatchObject({
      ok: true,
      how: 'recovered',
      userId,
    });
    const [left] =
      await owner.execute(sql`select (select count(*)::int from session where user_id = ${userId}) as sessions,
      (select count(*)::int from two_factor where user_id = ${userId}) as steps,
      (select password from account where user_id = ${userId}) as password, (select email from "user" where id = ${userId}) as email`);
    expect(left).toEqual({ sessions: 0, steps: 0, password: 'hash-of-odd', email: 'inspector@invitations.example' });
  });
});

describe('rights', () => {
  it('change, but never leave a house without a manager', async () => {
    const house = await testHouse(db, owner, 'rights');
    const { manager, inspector } = house;
    expect(await changeRole(db, manager, manager.userId, 'viewer')).toBe('last-manager');
    expect(await letGo(db, manager, manager.userId)).toBe('last-manager');
    expect(await changeRole(db, manager, inspector.userId, 'manager')).toBe('done');
    const second = (await actorOf(db, inspector.userId))!;
    const both = await Promise.all([
      changeRole(db, manager, second.userId, 'viewer'),
      changeRole(db, second, manager.userId, 'viewer'),
    ]);
    expect(both.filter((b) => b === 'done').length).toBeLessThanOrEqual(1);
    const roles = (await peopleOf(db, manager)).map((p) => p.role);
    expect(roles.filter((r) => r === 'manager').length).toBeGreaterThanOrEqual(1);
  });

  it('end with whoever is let go, whose entries keep the name', async () => {
    const house = await testHouse(db, owner, 'leaving');
    const ids = await house.readyLot();
    expect(await lendLot(db, house.manager, ids.lotId, house.viewer.userId, true)).toBe(true);
    for (const person of [house.inspector, house.viewer])
      expect(await letGo(db, house.manager, person.userId)).toBe('done');
    expect(await actorOf(db, house.inspector.userId)).toBeNull();
    const [left] =
      await owner.execute(sql`select (select count(*)::int from account where user_id = ${house.inspector.userId}) as accounts,
      (select count(*)::int from lot_lending where lot_id = ${ids.lotId}) as lent,
      (select count(*)::int from change_log where actor_name = 'leaving inspector') as lines`);
    expect(left).toEqual({ accounts: 0, lent: 0, lines: 3 });
    // Invited again under the same address, the person is the same one.
    const token = hash();
    await invite(db, house.manager, { role: 'inspector', name: '', email: '', tokenHash: token }, new Date());
    expect(await letIn(db, token, newcomer('inspector@leaving.example'))).toMatchObject({
      userId: house.inspector.userId,
    });
  });

  it('let anybody leave by the own wish, and nobody throw another out', async () => {
    const house = await testHouse(db, owner, 'wishes');
    const { viewer, inspector, manager } = house;
    await expect(letGo(db, inspector, viewer.userId)).rejects.toThrow();
    expect(await letGo(db, viewer, viewer.userId)).toBe('done');
    expect(await actorOf(db, viewer.userId)).toBeNull();
    expect((await auditOf(db, manager))[0]).toMatchObject({ what: 'left', actorName: 'wishes viewer' });
  });

  it('lend a whole sale, lots to come included, and nothing else', async () => {
    const house = await testHouse(db, owner, 'lending');
    const { saleId, manager, viewer } = house;
    await house.lot();
    expect((await yardPage(db, viewer, saleId)).rows).toHaveLength(0);
    expect(await lendSale(db, manager, saleId, viewer.userId, true)).toBe(true);
    await house.lot();
    expect((await yardPage(db, viewer, saleId)).rows).toHaveLength(2);
    expect(await lendSale(db, manager, saleId, house.inspector.userId, true)).toBe(false);
    expect(await lendSale(db, manager, saleId, viewer.userId, false)).toBe(true);
    expect((await yardPage(db, viewer, saleId)).rows).toHaveLength(0);
  });
});

describe('walls of the roles, by raw queries as the application’s role', () => {
  let house: TestHouse;
  let people: Record<Role, Actor>;
  let ids: { lotId: string; inspectionId: string };
  beforeAll(async () => {
    house = await testHouse(db, owner, 'walled');
    const more = async (role: Role) =>
      (await actorOf(
        db,
        await createAccount(owner, {
          name: role,
          email: `${role}2@walled.example`,
          passwordHash: '-',
          orgId: house.orgId,
          role,
        }),
      ))!;
    people = {
      manager: house.manager,
      inspector: house.inspector,
      viewer: house.viewer,
      editor: await more('editor'),
      consignor: await more('consignor'),
    };
    ids = await house.readyLot(
      put('claim', { kind: 'other', text: 'One owner.', source: 'seller', saidAt: TEST_NOW.toISOString() }),
    );
    await lendLot(db, house.manager, ids.lotId, people.viewer.userId, true);
    await owner.execute(sql`update lot set consignor_id = ${people.consignor.userId} where id = ${ids.lotId}`);
  });

  const ACTS: readonly [string, (role: Role) => boolean, (actor: Actor) => Promise<number>][] = [
    [
      'changes a lot',
      (r) => roleMay(r, 'manage'),
      (a) => rowsOf(a, sql`update lot set title = title where id = ${ids.lotId} returning id`),
    ],
    [
      'changes a sale',
      (r) => roleMay(r, 'manage'),
      (a) => rowsOf(a, sql`update sale set name = name where id = ${house.saleId} returning id`),
    ],
    [
      'changes rights',
      (r) => roleMay(r, 'manage'),
      (a) =>
        rowsOf(
          a,
          sql`update membership set role = 'manager' where user_id = ${house.manager.userId} returning user_id`,
        ),
    ],
    [
      'changes numbers',
      (r) => roleMay(r, 'manage'),
      (a) =>
        inOrg(db, a, (tx) =>
          tx
            .insert(orgTable)
            .values({ orgId: a.orgId, name: `t-${a.role}`, value: {} })
            .returning(),
        ).then((r) => r.length),
    ],
    [
      'invites',
      (r) => roleMay(r, 'manage'),
      (a) => invite(db, a, { role: 'manager', name: '', email: '', tokenHash: hash() }, NOW).then(() => 1),
    ],
    [
      'makes a link',
      (r) => roleMay(r, 'publish'),
      (a) =>
        inOrg(db, a, (tx) =>
          tx
            .insert(shareLink)
            .values({
              id: crypto.randomUUID(),
              orgId: a.orgId,
              lotId: ids.lotId,
              tokenHash: hash(),
              createdBy: a.userId,
            })
            .returning(),
        ).then((r) => r.length),
    ],
    [
      'overwrites a look',
      (r) => roleMay(r, 'enter'),
      (a) =>
        rowsOf(
          a,
          sql`update record set body = body where kind = 'look' and inspection_id = ${ids.inspectionId} returning id`,
        ),
    ],
    [
      'overwrites a claim',
      (r) => roleMay(r, 'claim'),
      (a) =>
        rowsOf(
          a,
          sql`update record set body = body where kind = 'claim' and inspection_id = ${ids.inspectionId} returning id`,
        ),
    ],
    [
      'moves an inspection on',
      (r) => roleMay(r, 'enter'),
      (a) =>
        rowsOf(
          a,
          sql`update inspection set state = 'reviewed' where id = ${ids.inspectionId} and state = 'draft' returning id`,
        ).finally(() => owner.execute(sql`update inspection set state = 'draft' where id = ${ids.inspectionId}`)),
    ],
  ];
  const rowsOf = (actor: Actor, query: ReturnType<typeof sql>) =>
    inOrg(db, actor, async (tx) => (await tx.execute(query)).length);

  it.each(ACTS)('who %s', async (_what, may, act) => {
    for (const role of ROLES) {
      const done = await act(people[role]).catch(() => 0);
      expect([role, done > 0]).toEqual([role, may(role)]);
    }
  });

  it('lets a consignor state claims of the own lot through the gateway, and nothing else', async () => {
    const foreign = await house.readyLot();
    const claim = () =>
      put('claim', { kind: 'mileage', text: '41,000 from new.', source: 'the owner', saidAt: TEST_NOW.toISOString() });
    const look = () => put('look', { zone: 'roof', aspect: 'paint', outcome: 'clean', at: TEST_NOW.toISOString() });
    const take = (who: Role, inspectionId: string, change: object) =>
      takeChanges(db, people[who], inspectionId, [change], TEST_NOW);
    expect(await take('consignor', ids.inspectionId, claim())).toMatchObject([{ status: 'applied' }]);
    expect(await take('consignor', ids.inspectionId, look())).toMatchObject([{ status: 'rejected', reason: 'role' }]);
    expect(await take('consignor', foreign.inspectionId, claim())).toBeNull();
    expect(await take('editor', ids.inspectionId, claim())).toMatchObject([{ status: 'rejected', reason: 'role' }]);
    expect(await take('inspector', ids.inspectionId, look())).toMatchObject([{ status: 'applied' }]);
  });

  it('shows a search what its reader may see, and nothing more', async () => {
    const secret = put('finding', {
      zone: 'fender.left',
      flaw: 'dent',
      note: 'Pomegranate hole behind the trim.',
      withheld: 'for the owner only',
      at: TEST_NOW.toISOString(),
    });
    const results = await takeChanges(db, people.inspector, ids.inspectionId, [secret], TEST_NOW);
    expect(results).toMatchObject([{ status: 'applied' }]);
    // What the consignor is not shown stands last in the log: the own claim goes on from it all the same.
    const claim = put('claim', {
      kind: 'other',
      text: 'Said after.',
      source: 'the owner',
      saidAt: TEST_NOW.toISOString(),
    });
    expect(await takeChanges(db, people.consignor, ids.inspectionId, [claim], TEST_NOW)).toMatchObject([
      { status: 'applied' },
    ]);
    const found = async (who: Actor, q: string) => (await search(db, who, q)).texts.map((t) => t.text);
    expect(await found(people.inspector, 'pomegranate')).toEqual(['Pomegranate hole behind the trim.']);
    expect(await found(people.editor, 'hole pomegranate')).toEqual(['Pomegranate hole behind the trim.']);
    for (const who of [people.viewer, people.consignor]) expect(await found(who, 'pomegranate')).toEqual([]);
    expect(await found(people.consignor, 'one owner')).toEqual(['One owner.']);
    const other = await testHouse(db, owner, 'searching');
    expect(await search(db, other.manager, 'walled')).toEqual({ lots: [], texts: [], more: false });
    expect((await search(db, people.manager, 'lot 1 walled')).lots).toHaveLength(1);
    expect((await search(db, people.manager, '%')).lots).toEqual([]);
  });
});

it('refuses the functions of the way in to who has no token and to who manages nothing', async () => {
  const orgId = await createOrganisation(owner, 'last');
  const id = await createAccount(owner, {
    name: 'm',
    email: 'm@last.example',
    passwordHash: '-',
    orgId,
    role: 'manager',
  });
  const inspector = await createAccount(owner, {
    name: 'i',
    email: 'i@last.example',
    passwordHash: '-',
    orgId,
    role: 'inspector',
  });
  await expect(
    inOrg(db, (await actorOf(db, inspector))!, (tx) => tx.execute(sql`select farvin_let_go(${id})`)),
  ).rejects.toThrow();
  await expect(inOrg(db, { orgId }, (tx) => tx.execute(sql`select farvin_let_go(${id})`))).rejects.toThrow();
  await expect(db.execute(sql`delete from membership where user_id = ${id}`)).rejects.toThrow();
});
