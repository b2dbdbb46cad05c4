import { sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import { createAccount, createOrganisation, createSale } from './accounts';
import { type Actor, actorOf } from './actor';
import { type Db, inOrg, type Tx, within } from './db';
import { takeChanges } from './gateway';
import { addLot } from './lots';
import { noteSignIn, signInsOf } from './sign-in-events';
import { testDatabase } from './test-database';

// Raw queries as the application's role: what a forgotten `where` would give away.
let db: Db;
let owner: Db;
let end: () => Promise<void>;
let petra: Actor;
let stranger: Actor;
let theirs: { lotId: string; inspectionId: string };
const NOW = new Date('2027-02-10T09:00:00Z');

const GUARDED = [
  'organisation',
  'membership',
  'org_table',
  'sale',
  'lot',
  'inspection',
  'log_repair',
  'record',
  'change_log',
  'photo_file',
  'photo_origin',
  'published_lot',
  'listing',
  'seal',
  'share_link',
  'export_job',
  'sign_in_event',
  'audit_event',
  'lot_lending',
  'sale_lending',
  'lot_assignment',
  'invitation',
  'org_table_change',
  'api_token',
  'deletion',
  'seal_secret',
  'alarm_heard',
  'film_file',
  'question',
  'practice_lot',
];
/** Tables that everybody reads, and a house writes its own rows of. */
const PUBLISHED = ['seal_key'];
const rows = async (tx: Db | Tx, table: string) =>
  (await tx.execute(sql.raw(`select count(*)::int as n from ${table}`)))[0]!.n as number;

beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
  const open = async (name: string) => {
    const orgId = await createOrganisation(owner, name);
    const id = await createAccount(owner, {
      name,
      email: `${name}@tramshed.example`,
      passwordHash: '-',
      orgId,
      role: 'manager',
    });
    const actor = (await actorOf(db, id))!;
    const saleId = await createSale(owner, orgId, { name, place: 'Vennor', opensOn: null, closesOn: null });
    const ids = (await addLot(db, actor, saleId, { number: 1, title: name, reportDueOn: null }))!;
    const look = { zone: 'hood', aspect: 'paint', outcome: 'clean', at: NOW.toISOString() };
    const change = { id: uuidv7(), op: 'put', kind: 'look', record: uuidv7(), base: 0, body: look };
    expect(await takeChanges(db, actor, ids.inspectionId, [change], NOW)).toMatchObject([{ status: 'applied' }]);
    await noteSignIn(db, { at: NOW, orgId, userId: id, what: 'signed-in', address: '127.0.0.1', agent: 'test' });
    return { actor, ids };
  };
  ({ actor: petra } = await open('tramshed'));
  ({ actor: stranger, ids: theirs } = await open('harbour'));
});
afterAll(() => end());

it('owns no table and may change no role', async () => {
  const owned = await db.execute(
    sql`select tablename from pg_tables where schemaname in ('public', 'drizzle') and tableowner = current_user`,
  );
  expect([...owned]).toEqual([]);
  const [role] = await db.execute(
    sql`select rolsuper, rolbypassrls, rolcreaterole, rolcreatedb from pg_roles where rolname = current_user`,
  );
  expect(role).toEqual({ rolsuper: false, rolbypassrls: false, rolcreaterole: false, rolcreatedb: false });
  await expect(db.execute(sql`alter table record disable row level security`)).rejects.toThrow();
  await expect(db.execute(sql`set role farvin`)).rejects.toThrow();
});

it('guards every table that names an organisation', async () => {
  const named = await owner.execute(sql`
    select c.relname, c.relrowsecurity from pg_class c join pg_namespace n on n.oid = c.relnamespace
    where n.nspname = 'public' and c.relkind = 'r' and (c.relname = 'organisation' or exists
      (select 1 from pg_attribute a where a.attrelid = c.oid and a.attname = 'org_id' and not a.attisdropped))`);
  expect([...named].map((r) => r.relname).sort()).toEqual([...GUARDED, ...PUBLISHED].sort());
  expect(named.every((r) => r.relrowsecurity === true)).toBe(true);
});

it.each(GUARDED)('shows of %s nothing outside an organisation, and only its own inside', async (table) => {
  expect(await rows(db, table)).toBe(0);
  const mine = await inOrg(db, petra, (tx) => rows(tx, table));
  expect(mine).toBeLessThanOrEqual(1);
  expect(mine).toBe((await rows(owner, table)) / 2);
});

it('writes nothing into another organisation, by insert, update or delete', async () => {
  const { inspectionId } = theirs;
  await expect(
    inOrg(db, petra, (tx) =>
      tx.execute(sql`insert into record (inspection_id, id, org_id, kind, version, body)
        values (${inspectionId}, ${uuidv7()}, ${stranger.orgId}, 'look', 1, '{}')`),
    ),
  ).rejects.toThrow();
  await inOrg(db, petra, (tx) => tx.execute(sql`update lot set title = 'taken'`));
  await inOrg(db, petra, (tx) => tx.execute(sql`delete from record`));
  const left = await owner.execute(sql`select org_id from record`);
  expect([...left]).toEqual([{ org_id: stranger.orgId }]);
  const [lot] = await owner.execute(sql`select title from lot where id = ${theirs.lotId}`);
  expect(lot).toEqual({ title: 'harbour' });
  await expect(inOrg(db, petra, (tx) => tx.execute(sql`update lot set org_id = ${stranger.orgId}`))).rejects.toThrow();
});

it('lets the log and the seals neither be changed nor taken out', async () => {
  for (const statement of [
    'update change_log set op = op',
    'delete from change_log',
    'delete from seal',
    'truncate seal',
  ])
    await expect(inOrg(db, petra, (tx) => tx.execute(sql.raw(statement)))).rejects.toThrow();
});

it('forgets the organisation with the transaction, even on the same connection', async () => {
  await inOrg(db, petra, (tx) => rows(tx, 'lot'));
  for (let i = 0; i < 8; i++) expect(await rows(db, 'lot')).toBe(0);
});

it('shows a person’s own membership only', async () => {
  expect(await within(db, 'farvin.user', petra.userId, (tx) => rows(tx, 'membership'))).toBe(1);
  expect(await within(db, 'farvin.user', 'nobody', (tx) => rows(tx, 'membership'))).toBe(0);
});

it('keeps who signed in for the organisation’s own managers', async () => {
  await noteSignIn(db, { at: NOW, orgId: null, userId: null, what: 'refused', address: '127.0.0.9', agent: '' });
  expect(await signInsOf(db, petra)).toEqual([
    { at: NOW, who: 'tramshed', what: 'signed-in', address: '127.0.0.1', agent: 'test' },
  ]);
  await expect(inOrg(db, petra, (tx) => tx.execute(sql`delete from sign_in_event`))).rejects.toThrow();
});
