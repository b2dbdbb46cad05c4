import { ZONE_CARDS as CARDS } from './cards/all';
import type { ZoneCardDefinition } from './walking';

/** What the walk shows of the zone in hand, in this order. A new card is one file (docs/how-to/add-a-zone-card.md). */
export const ZONE_CARDS: readonly (ZoneCardDefinition & { readonly name: string })[] = Object.entries(CARDS)
  .map(([name, card]) => ({ name, ...card }))
  .sort((a, b) => a.place - b.place);
