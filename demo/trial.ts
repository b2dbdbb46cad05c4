import { v7 as uuidv7 } from 'uuid';
import { planOf } from '../src/core/body/plan';
import { gaugeCanRead } from '../src/core/paint/sampling';
import type { Role } from '../src/core/people/roles';
import { normalDraw, seeded } from '../src/core/stats/random';
import { createAccount, createOrganisation, createSale } from '../src/data/accounts';
import { actorOf } from '../src/data/actor';
import { connect } from '../src/data/db';
import { takeChanges } from '../src/data/gateway';
import { addLot } from '../src/data/lots';
import { inspection, lot } from '../src/data/tables/lots';
import { passwordHash } from '../src/server/password';

/**
 * A sale for trials under load, without pictures: `trial.ts NAME LOTS RECORDS`. Prints as JSON the sale, the accounts
 * (password as in the demo) and the first lot, which has its car, a visit and RECORDS readings and looks. Lots beyond
 * the first are written straight into the tables, with summaries as an inspected sale has them.
 */
async function main(): Promise<void> {
  const [name = 'trial', lots = '1', records = '0'] = process.argv.slice(2);
  const { db, end } = connect(process.env.DATABASE_OWNER_URL ?? process.env.DATABASE_URL ?? '', 2);
  const orgId = await createOrganisation(db, `Trial ${name}`);
  const account = (who: string, role: Role) =>
    passwordHash('tramshed-demo').then((hash) =>
      createAccount(db, { name: who, email: `${who}@${name}.example`, passwordHash: hash, orgId, role }),
    );
  const manager = (await actorOf(db, await account('petra', 'manager')))!;
  await account('tomas', 'inspector');
  await account('harald', 'viewer');
  const saleId = await createSale(db, orgId, { name: `Trial ${name}`, place: 'Vennor', opensOn: null, closesOn: null });
  const first = (await addLot(db, manager, saleId, { number: 1, title: 'Quillon Halyard', reportDueOn: null }))!;
  const random = seeded(7);
  const at = new Date('2027-02-10T09:00:00Z');
  const put = (kind: string, body: object, record = uuidv7()) => ({
    id: uuidv7(),
    op: 'put',
    kind,
    record,
    base: 0,
    body,
  });
  const zones = [...planOf('fastback')!.zones.values()].filter(
    (z) => z.aspects.includes('paint') && gaugeCanRead(z.metal),
  );
  const changes = [
    put(
      'car',
      { make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback', chassisNumber: 'QHF67-1' },
      first.lotId,
    ),
    put('visit', { startedAt: at.toISOString(), inspector: 'Tomas Orrell', gauge: { name: 'Survey', ceilingUm: 500 } }),
    ...Array.from({ length: Number(records) }, (_, i) => {
      const { slug } = zones[i % zones.length]!;
      const um = Math.min(480, Math.round(125 * Math.exp(0.12 * normalDraw(random))));
      const body = { zone: slug, state: 'read', thicknessUm: um, typed: { text: String(um), unit: 'um' } };
      return put('reading', { ...body, at: at.toISOString() });
    }),
  ];
  for (let i = 0; i < changes.length; i += 500)
    await takeChanges(db, manager, first.inspectionId, changes.slice(i, i + 500), at);
  await fill(db, orgId, saleId, Number(lots), random);
  console.log(
    JSON.stringify({ saleId, orgId, ...first, manager: `petra@${name}.example`, inspector: `tomas@${name}.example` }),
  );
  await end();
}

const AT_ONCE = 1000;
const DAY_MS = 86_400_000;

async function fill(
  db: ReturnType<typeof connect>['db'],
  orgId: string,
  saleId: string,
  lots: number,
  random: () => number,
): Promise<void> {
  for (let from = 2; from <= lots; from += AT_ONCE) {
    const numbers = Array.from({ length: Math.min(AT_ONCE, lots - from + 1) }, (_, i) => from + i);
    const rows = numbers.map((number) => ({
      id: uuidv7(),
      orgId,
      saleId,
      number,
      title: `Quillon Halyard fastback, ${1958 + (number % 19)}`,
      reportDueOn: new Date(Date.now() + (Math.floor(random() * 60) + 1) * DAY_MS).toISOString().slice(0, 10),
      keeper: number % 2 ? 'Tomas Orrell' : 'Ilse Brandvik',
    }));
    await db.insert(lot).values(rows);
    await db.insert(inspection).values(
      rows.map((r) => ({
        id: uuidv7(),
        orgId,
        lotId: r.id,
        revision: 1,
        summaryCount: 0,
        summary: {
          records: 200,
          seen: random(),
          blocked: 0,
          grade: { low: 55, value: 50 + 40 * random(), high: 90, band: 'Honest' },
          readings: 80,
          findings: 12,
          photos: 60,
          gates: [],
          car: r.title,
        },
      })),
    );
  }
}

main().catch((error: unknown) => {
  console.error('The trial sale could not be written:', error instanceof Error ? error.message : error);
  process.exit(1);
});
