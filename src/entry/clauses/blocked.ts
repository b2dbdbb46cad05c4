import { defineClause } from '../clause';
import { type Entry, type EntryContext, refused } from '../context';
import { BLOCKED_TABLE, FLAW_TABLE } from '../lexicon';
import { LOOK_ITEM, type LookItem } from '../look-item';
import { aspectsIn, zonesOf } from '../look-places';
import { BLOCKED, FILLER } from '../phrases';
import type { TokenCursor } from '../token-cursor';

/** `blocked trunk no key`: could not be looked at. `how` tells `blocked` from a bare `not seen`, which needs its reason. */
function readBlocked(
  line: TokenCursor,
  quoted: string,
  how: 'blocked' | 'unseen',
  context: EntryContext,
): Entry<LookItem> {
  const why = line.take(BLOCKED_TABLE)?.value ?? null;
  const aspects = aspectsIn(line);
  const zones = zonesOf(line, context);
  if ('items' in zones) return zones;
  while (line.take(FILLER));
  if ((how === 'unseen' || context.talk) && why === null) return refused({ kind: 'say-why' });
  const rest = line.words();
  if (line.rest().some((t) => t.kind === 'number')) return refused({ kind: 'figure-left', words: rest });
  // What is wrong with it is another sentence; any other words say more of why.
  if (line.has(FLAW_TABLE)) return refused({ kind: 'not-understood', words: rest });
  const items = zones.zones.map((zone): LookItem => {
    const own = context.plan.zones.get(zone)!.aspects;
    return {
      kind: 'look',
      zone,
      aspects: aspects.length > 0 ? aspects : own,
      outcome: 'blocked',
      why: why ?? 'other',
      note: [rest, quoted].filter(Boolean).join(' '),
    };
  });
  return { items, problems: [] };
}

export const blocked = defineClause<LookItem>({
  words: [BLOCKED, BLOCKED_TABLE],
  // Any other words say more of why.
  free: BLOCKED.map(([words]) => words.at(-1)!),
  read: ({ line, quoted }, context) => {
    const how = line.take(BLOCKED);
    return how ? readBlocked(line, quoted, how.value, context) : null;
  },
  items: { look: LOOK_ITEM },
});
