import { eq } from 'drizzle-orm';
import type { SaleFacts } from '@/core/yard/sale-facts';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg } from './db';
import { organisation } from './tables/organisations';

/** What a house is called, how it speaks, what it lets strangers read, and how long it keeps addresses. */
export interface HouseSettings {
  readonly name: string;
  readonly words: SaleFacts['words'];
  readonly units: SaleFacts['units'];
  readonly timeZone: string;
  readonly currency: string;
  readonly publishesPlaces: boolean;
  /** Whether a report is sealed only after somebody else reviewed it as it is. */
  readonly fourEyes: boolean;
  /** Days for which addresses of sign-ins and of links that were opened are kept; null keeps them. */
  readonly keepAddressesDays: number | null;
}

/** The settings of the actor's house. */
export async function houseSettings(db: Db, actor: Actor): Promise<HouseSettings> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({
        name: organisation.name,
        words: organisation.words,
        units: organisation.units,
        timeZone: organisation.timeZone,
        currency: organisation.currency,
        publishesPlaces: organisation.publishesPlaces,
        fourEyes: organisation.fourEyes,
        keepAddressesDays: organisation.keepAddressesDays,
      })
      .from(organisation)
      .where(eq(organisation.id, actor.orgId)),
  );
  if (!row) throw new Error('the actor has no house');
  return row;
}

/** Changes what is named; reports sealed and sales opened from then on follow it. */
export async function keepHouseSettings(db: Db, actor: Actor, change: Partial<HouseSettings>): Promise<void> {
  const { publishesPlaces, keepAddressesDays, fourEyes, ...speech } = change;
  await inOrg(db, actor, async (tx) => {
    await tx.update(organisation).set(change).where(eq(organisation.id, actor.orgId));
    if (publishesPlaces !== undefined) await audit(tx, actor, publishesPlaces ? 'places-published' : 'places-hidden');
    if (fourEyes !== undefined) await audit(tx, actor, fourEyes ? 'four-eyes-on' : 'four-eyes-off');
    if (keepAddressesDays !== undefined)
      await audit(tx, actor, 'term-changed', { detail: { days: keepAddressesDays } });
    if (Object.keys(speech).length > 0) await audit(tx, actor, 'house-changed', { detail: speech });
  });
}
