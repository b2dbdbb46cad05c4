import type { Aspect } from '@/core/body/zone';
import { defineClause } from '../clause';
import { type Entry, type EntryContext, refused } from '../context';
import { ASPECT_TABLE, FLAW_TABLE, phraseTable, VIEW_TABLE } from '../lexicon';
import { LOOK_ITEM, type LookItem } from '../look-item';
import { aspectsIn, zonesOf } from '../look-places';
import { FILLER, OK } from '../phrases';
import type { TokenCursor } from '../token-cursor';
import type { Token } from '../tokens';

export const SOLID = 'solid';
/** What looks say of what they are clean of: of several aspects the first that the place has. */
const LOOKED = phraseTable<readonly Aspect[]>([
  [
    ['shape', 'structure', 'fit'],
    ['is straight', 'straight'],
  ],
  [
    ['corrosion', 'structure'],
    ['is solid', 'solid'],
  ],
  [['glass'], ['is clear', 'clear']],
]);

/** `ok roof`, `ok hood paint`: seen and clean. Whatever else stands in the line is not understood. */
function readClean(line: TokenCursor, context: EntryContext): Entry<LookItem> {
  const looked = line.take(LOOKED)?.value ?? null;
  const aspects = aspectsIn(line);
  const zones = zonesOf(line, context);
  if ('items' in zones) return zones;
  while (line.take(FILLER));
  if (line.rest().length > 0) return refused({ kind: 'not-understood', words: line.words() });
  const items: LookItem[] = [];
  for (const zone of zones.zones) {
    const own = context.plan.zones.get(zone)!.aspects;
    const seen = looked?.find((a) => own.includes(a));
    const strange = aspects.find((a) => !own.includes(a)) ?? (looked && !seen ? looked[0] : undefined);
    if (strange) return refused({ kind: 'not-understood', words: strange });
    items.push({
      kind: 'look',
      zone,
      // Whether it works is not seen by looking: it is said by itself.
      aspects: seen
        ? [...new Set([seen, ...aspects])]
        : aspects.length > 0
          ? aspects
          : own.filter((a) => a !== 'function'),
      outcome: 'clean',
      why: null,
      // That it is solid is less than that no rust was seen.
      note: looked?.includes('corrosion') ? SOLID : '',
    });
  }
  return { items, problems: [] };
}

/** "Scratch in the clear" says nothing of how clear it is. */
const looksSo = (line: TokenCursor): boolean => line.has(LOOKED) && !line.has(FLAW_TABLE);

const isFigure = (t: Token) => t.kind === 'number' && (t.unit === null || t.unit === 'um' || t.unit === 'mil');

export const clean = defineClause<LookItem>({
  words: [OK, LOOKED, VIEW_TABLE, ASPECT_TABLE],
  read: ({ line, quoted }, context) => {
    if (line.rest().some(isFigure) || !(line.take(OK) ?? looksSo(line))) return null;
    return quoted ? refused({ kind: 'not-understood', words: quoted }) : readClean(line, context);
  },
  items: { look: LOOK_ITEM },
});
