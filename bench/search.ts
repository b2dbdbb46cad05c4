/**
 * A search over a house of 300 lots with 150,000 records, against the database's own count of the same rows in the same
 * run: `npm run bench:search`. Starts a database of its own on loopback and ends by itself.
 */
import postgres from 'postgres';
import { ownWorld } from '../e2e/own-server';
import { actorOf } from '../src/data/actor';
import { connect } from '../src/data/db';
import { search } from '../src/data/search';
import { byTurns, row } from './timing';

const LOTS = 300;
const RECORDS_A_LOT = 500;
const TURNS = 9;

async function main(): Promise<void> {
  const world = await ownWorld();
  const owner = postgres(world.cluster.url('trial'), { max: 1, onnotice: () => {} });
  const { db, end } = connect(world.env.DATABASE_URL!, 2);
  try {
    const [lot] = await owner`select org_id, sale_id from lot where id = ${world.trial.lotId}`;
    await owner`insert into lot (id, org_id, sale_id, number, title)
      select gen_random_uuid(), ${lot!.org_id}, ${lot!.sale_id}, 1000 + n, 'Quillon Halyard ' || n from generate_series(1, ${LOTS}) n`;
    await owner`insert into inspection (id, org_id, lot_id, revision)
      select gen_random_uuid(), org_id, id, 1 from lot where number > 1000`;
    await owner`insert into record (inspection_id, id, org_id, kind, version, body)
      select i.id, gen_random_uuid(), i.org_id, 'finding', 1, jsonb_build_object('zone', 'fender.left', 'flaw', 'stone-chip',
        'at', '2027-02-10T09:00:00Z', 'where', 'leading edge', 'note', md5(i.id::text || n) || ' beside the seam ' || n)
      from inspection i, generate_series(1, ${RECORDS_A_LOT}) n where i.id in (select i2.id from inspection i2 join lot l on l.id = i2.lot_id where l.number > 1000)`;
    await owner`analyze record`;
    const [account] = await owner`select user_id from membership where org_id = ${lot!.org_id} and role = 'manager'`;
    const actor = (await actorOf(db, account!.user_id))!;
    const bare = () => owner`select count(*) from record where length(body::text) > 1`;
    const [rare, read] = await byTurns(TURNS, () => search(db, actor, 'pomegranate'), bare);
    const [often] = await byTurns(TURNS, () => search(db, actor, 'beside seam'), bare);
    row(
      'search for a word that nothing holds, 150,000 records',
      rare / read,
      'reading the text of all rows in the database',
    );
    row('search for words that all hold', often / read, 'the same');
    console.log(`(reading all rows took ${Math.round(read)} ms here)`);
  } finally {
    await owner.end();
    await end();
    await world.stop();
  }
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
