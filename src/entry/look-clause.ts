import type { Aspect, View } from '@/core/body/zone';
import { type Entry, type EntryContext, type EntryItem, refused } from './context';
import { ASPECT_TABLE, BLOCKED_TABLE, FLAW_TABLE, VIEW_TABLE } from './lexicon';
import { FILLER } from './phrases';
import { takeZone } from './take-zone';
import type { TokenCursor } from './token-cursor';

/** The zones that a look speaks of: one, several of a kind ("all doors"), or a whole view. */
function zonesOf(line: TokenCursor, context: EntryContext): { zones: readonly string[] } | Entry {
  const found = takeZone(line, context, { several: true });
  if (found.ok && found.named && found.zone) {
    if (found.beside) return refused({ kind: 'not-understood', words: found.beside });
    return { zones: found.all ?? [found.zone] };
  }
  const view = line.take(VIEW_TABLE)?.value;
  if (view) return { zones: [...context.plan.lap[view as View]] };
  if (!found.ok) return refused(found.problem);
  return found.zone ? { zones: [found.zone] } : refused({ kind: 'no-zone' });
}

function aspectsIn(line: TokenCursor): Aspect[] {
  const aspects: Aspect[] = [];
  for (let a = line.take(ASPECT_TABLE); a; a = line.take(ASPECT_TABLE)) aspects.push(a.value);
  return aspects;
}

/** `ok roof`, `ok hood paint`: seen and clean. Whatever else stands in the line is not understood. */
export function cleanClause(line: TokenCursor, context: EntryContext): Entry {
  const aspects = aspectsIn(line);
  const zones = zonesOf(line, context);
  if ('items' in zones) return zones;
  while (line.take(FILLER));
  if (line.rest().length > 0) return refused({ kind: 'not-understood', words: line.words() });
  const items: EntryItem[] = [];
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

/** `blocked trunk no key`: could not be looked at. `how` tells `blocked` from a bare `not seen`, which needs its reason. */
export function blockedClause(
  line: TokenCursor,
  quoted: string,
  how: 'blocked' | 'unseen',
  context: EntryContext,
): Entry {
  const why = line.take(BLOCKED_TABLE)?.value ?? null;
  const aspects = aspectsIn(line);
  const zones = zonesOf(line, context);
  if ('items' in zones) return zones;
  while (line.take(FILLER));
  if (how === 'unseen' && why === null) return refused({ kind: 'say-why' });
  const rest = line.words();
  if (line.rest().some((t) => t.kind === 'number')) return refused({ kind: 'figure-left', words: rest });
  // What is wrong with it is another sentence; any other words say more of why.
  if (line.copy().take(FLAW_TABLE)) return refused({ kind: 'not-understood', words: rest });
  const items = zones.zones.map((zone): EntryItem => {
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
