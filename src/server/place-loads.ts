import { type Role, roleMay } from '@/core/people/roles';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { revisionsOf } from '@/data/inspections';
import { linksOf } from '@/data/links';
import { lotRow } from '@/data/lot-change';
import { lendingsOf, peopleOf } from '@/data/people';
import { isPublished, salePageOf } from '@/data/published';
import { salesOf } from '@/data/sales';
import { sealsOfLot } from '@/data/seals';
import { snapshotFor } from './export/snapshot-for';
import type { inspectionPage } from './inspection-page';

type Page = Awaited<ReturnType<typeof inspectionPage>>;

/** Revisions, seals, links and lendings of a lot, and what was sealed. */
async function release({ actor, head }: Page) {
  const now = new Date();
  const [revisions, seals, links, published, salePage, sealed, lendings] = await Promise.all([
    revisionsOf(db(), actor, head.lot.id),
    sealsOfLot(db(), actor, head.lot.id),
    linksOf(db(), actor, head.lot.id),
    isPublished(db(), actor, head.lot.id),
    salePageOf(db(), actor, head.sale.id),
    // A sealed report shows what was sealed, not what today's tables make of the records.
    head.state === 'sealed' ? snapshotFor(db(), actor, head.id, now) : null,
    mayManage(actor) ? lendingsOf(db(), actor, head.lot.id) : null,
  ]);
  return {
    lendings,
    published,
    salePage,
    sealed: sealed && { snapshot: sealed.snapshot, unreadable: sealed.unreadable },
    revisions: revisions.map((r) => ({
      id: r.id,
      revision: r.revision,
      state: r.state,
      reason: r.reason,
      sealedAt: seals.get(r.id)?.sealedAt.toISOString() ?? null,
      sha256: seals.get(r.id)?.sha256 ?? null,
    })),
    links: links.map((l) => ({
      id: l.id,
      label: l.label,
      createdAt: l.createdAt.toISOString(),
      opensAt: l.opensAt?.toISOString() ?? null,
      expiresAt: l.expiresAt?.toISOString() ?? null,
      opened: l.opened,
      openedLast: l.openedLast && new Date(l.openedLast).toISOString(),
      standing: l.withdrawnAt
        ? 'withdrawn'
        : l.expiresAt && l.expiresAt <= now
          ? 'expired'
          : l.opensAt && l.opensAt > now
            ? 'held back'
            : 'open',
    })),
  };
}

/** What is said of a lot besides what was seen, and for a manager whom and what it can be given to. */
async function standing({ actor, head }: Page) {
  const manages = mayManage(actor);
  const [row, people, sales] = await Promise.all([
    lotRow(db(), actor, head.lot.id),
    manages ? peopleOf(db(), actor) : [],
    manages ? salesOf(db(), actor) : [],
  ]);
  if (!row) return null;
  const named = (is: (role: Role) => boolean) => people.filter((p) => is(p.role)).map(({ id, name }) => ({ id, name }));
  return {
    lot: { ...row, withdrawnAt: row.withdrawnAt?.toISOString() ?? null },
    manages,
    inspectors: named((r) => roleMay(r, 'enter')),
    consignors: named((r) => r === 'consignor'),
    sales: sales.filter((s) => s.state === 'open' || s.id === row.sale.id).map(({ id, name }) => ({ id, name })),
  };
}

/** What places of a lot ask the server for, by the name that screens/places.tsx states. */
const LOADS: Readonly<Record<string, (page: Page) => Promise<unknown>>> = { release, standing };

export async function placeLoads(name: string, page: Page): Promise<unknown> {
  const load = LOADS[name];
  if (!load) throw new Error(`no place loads ${name}`);
  return load(page);
}
