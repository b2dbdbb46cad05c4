import type { Aspect } from '@/core/body/zone';
import { hasAbsence } from '../absence';
import { defineClause } from '../clause';
import { type Entry, type EntryContext, refused } from '../context';
import { flawHere } from '../flaw-here';
import { ASPECT_TABLE, FLAW_TABLE, PART_TABLE } from '../lexicon';
import { LOOK_ITEM, type LookItem } from '../look-item';
import { ABSENCE, ABSENCE_FILLER, FILLER } from '../phrases';
import { takeZone, type ZoneFound } from '../take-zone';
import type { TokenCursor } from '../token-cursor';

/**
 * `no dents on the hood`, `left headlight no cracks`: clean looks at the aspects that the flaws would be of. Refuses where
 * anything else is said, where a flaw stands without its negation, and flaws that the place cannot have.
 */
function readAbsence(line: TokenCursor, context: EntryContext): Entry<LookItem> {
  const found = zoneBeside(line, context);
  if (!found.ok) return refused(found.problem);
  if (found.zone === null) return refused({ kind: 'no-zone' });
  if (found.beside) return refused({ kind: 'not-understood', words: found.beside });
  const all = line.words();
  const absent: { flaws: readonly string[] | null; aspect: Aspect | null }[] = [];
  for (let joined = false; line.rest().length > 0; joined = true) {
    while (line.takeFirst(FILLER) || line.takeFirst(ABSENCE_FILLER));
    if (line.rest().length === 0) break;
    const negated = line.takeFirst(ABSENCE);
    // "no chips or dents": the second stands under the first one's negation only behind a joining word.
    if (!negated && !(joined && line.takeFirst(JOINING))) return refused({ kind: 'not-understood', words: all });
    if (negated === null && line.takeFirst(ABSENCE)) joined = true;
    while (line.takeFirst(ABSENCE_FILLER));
    const flaws = line.takeFirst(FLAW_TABLE);
    const aspect = flaws ? null : line.takeFirst(ASPECT_TABLE);
    // "No paint" and "no glass" say nothing; "no rust" does.
    if (context.talk && aspect && aspect !== 'corrosion') return refused({ kind: 'not-understood', words: all });
    if (!flaws && !aspect) return refused({ kind: 'not-understood', words: all });
    absent.push({ flaws, aspect });
  }
  if (absent.length === 0) return refused({ kind: 'not-understood', words: all });
  const items: LookItem[] = [];
  for (const slug of found.all ?? [found.zone]) {
    const zone = context.plan.zones.get(slug)!;
    const aspects = new Set<Aspect>();
    for (const { flaws, aspect } of absent) {
      // Whatever of them it might be, it was looked for: each aspect that one of them would be of.
      const here = flaws ? flaws.flatMap((f) => flawHere(f, zone) ?? []) : zone.aspects.filter((a) => a === aspect);
      // In talk, that a bumper has no dents says nothing that is not said already.
      if (here.length === 0 && flaws && context.talk) continue;
      if (here.length === 0)
        return flaws
          ? refused({ kind: 'flaw-not-here', flaw: flaws[0]!, zone: slug })
          : refused({ kind: 'not-understood', words: all });
      for (const a of here) aspects.add(a);
    }
    items.push({ kind: 'look', zone: slug, aspects: [...aspects], outcome: 'clean', why: null, note: '' });
  }
  return { items, problems: [] };
}

/** Flaws that are told by the name of a part: "no chip in the glass" names no glass. */
const OF_PARTS = FLAW_TABLE.filter(
  ([words]) => words.length > 1 && words.some((w) => PART_TABLE.some(([part]) => part.length === 1 && part[0] === w)),
);

/** The place that a line names beside its flaws. */
function zoneBeside(line: TokenCursor, context: EntryContext): ZoneFound {
  const masked = line.copy();
  const flaw = masked.take(OF_PARTS);
  const found = takeZone(masked, context, { several: true, plural: true });
  const end = flaw ? flaw.at + flaw.tokens.length : 0;
  for (let i = 0; i < line.left.length; i++)
    if (!flaw || i < flaw.at || i >= end) line.left[i] = masked.left[i] ?? null;
  return found;
}

const JOINING = [
  [['or'], true],
  [['nor'], true],
  [['and'], true],
] as const;

export const absence = defineClause<LookItem>({
  words: [ABSENCE, ABSENCE_FILLER, FLAW_TABLE, ASPECT_TABLE, 'or nor and'],
  read: ({ line, quoted }, context) => {
    if (!hasAbsence(line)) return null;
    return quoted ? refused({ kind: 'not-understood', words: quoted }) : readAbsence(line, context);
  },
  items: { look: LOOK_ITEM },
});
