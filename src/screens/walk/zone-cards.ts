import { Findings } from './findings';
import { Looks } from './looks';
import { Marks } from './marks';
import { Measured } from './measured';
import { Next } from './next';
import { Photos } from './photos';
import { Seams } from './seams';
import { Twin } from './twin';
import type { ZoneCardDefinition } from './walking';

/** What the walk shows of the zone in hand, in this order. A new card is a file beside this and a line here. */
export const ZONE_CARDS: readonly ZoneCardDefinition[] = [
  { name: 'looks', applies: () => true, Card: Looks },
  { name: 'findings', applies: () => true, Card: Findings },
  { name: 'measured', applies: (zone) => zone.aspects.includes('paint'), Card: Measured },
  { name: 'seams', applies: (zone) => zone.seams.length > 0, Card: Seams },
  { name: 'twin', applies: (zone) => zone.twin !== null, Card: Twin },
  { name: 'marks', applies: (zone) => zone.aspects.includes('paint'), Card: Marks },
  { name: 'photos', applies: () => true, Card: Photos },
  { name: 'next', applies: () => true, Card: Next },
];
