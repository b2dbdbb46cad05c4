import { defineClause } from '../clause';
import { type Entry, type EntryContext, refused } from '../context';
import { LOOK_ITEM, type LookItem } from '../look-item';
import { aspectsIn, zonesOf } from '../look-places';
import { FILLER, OK } from '../phrases';
import type { TokenCursor } from '../token-cursor';
import type { Token } from '../tokens';

/** `ok roof`, `ok hood paint`: seen and clean. Whatever else stands in the line is not understood. */
function readClean(line: TokenCursor, context: EntryContext): Entry<LookItem> {
  const aspects = aspectsIn(line);
  const zones = zonesOf(line, context);
  if ('items' in zones) return zones;
  while (line.take(FILLER));
  if (line.rest().length > 0) return refused({ kind: 'not-understood', words: line.words() });
  const items: LookItem[] = [];
  for (const zone of zones.zones) {
    const own = context.plan.zones.get(zone)!.aspects;
    const strange = aspects.find((a) => !own.includes(a));
    if (strange) return refused({ kind: 'not-understood', words: strange });
    items.push({
      kind: 'look',
      zone,
      // Whether it works is not seen by looking: it is said by itself.
      aspects: aspects.length > 0 ? aspects : own.filter((a) => a !== 'function'),
      outcome: 'clean',
      why: null,
      note: '',
    });
  }
  return { items, problems: [] };
}

const isFigure = (t: Token) => t.kind === 'number' && (t.unit === null || t.unit === 'um' || t.unit === 'mil');

export const clean = defineClause<LookItem>({
  read: ({ line, quoted }, context) => {
    if (line.rest().some(isFigure) || !line.take(OK)) return null;
    return quoted ? refused({ kind: 'not-understood', words: quoted }) : readClean(line, context);
  },
  items: { look: LOOK_ITEM },
});
