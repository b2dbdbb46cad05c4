import type { MarkId } from '@/core/catalogue/marks';
import { markText } from '@/words/marks';
import { defineClause } from '../clause';
import { type Entry, type EntryContext, refused } from '../context';
import { type PhraseTable, phraseTable } from '../lexicon';
import { FILLER, HEDGED, PLACE_WORDS } from '../phrases';
import { takeZone } from '../take-zone';
import type { TokenCursor } from '../token-cursor';

interface MarkItem {
  readonly kind: 'mark';
  readonly zone: string;
  readonly mark: MarkId;
  readonly evidence: 'seen' | 'inferred';
}

const both = (heads: readonly string[], tails: readonly string[]) =>
  heads.flatMap((h) => tails.map((t) => `${h} ${t}`));
const BOLTS = ['bolts', 'hinge bolts', 'bolt heads', 'screws', 'fasteners', 'hinge screws'];
const JAMBS = ['jambs', 'jamb', 'shuts'];

/** How people say what speaks for or against paint from the works. */
const SAYS: PhraseTable<MarkId> = phraseTable<MarkId>([
  [
    'fasteners-untouched',
    both(BOLTS, [
      'untouched',
      'undisturbed',
      'never turned',
      'never been turned',
      'never touched',
      'have never been turned',
      'have never been touched',
      'never been touched',
      'original and untouched',
      'not been turned',
      'have not been turned',
    ]),
  ],
  [
    'fasteners-turned',
    both(BOLTS, [
      'turned',
      'have been turned',
      'been turned',
      'disturbed',
      'have been off',
      'been off',
      'have been disturbed',
      'been disturbed',
      'have been loosened',
      'broken',
      'chewed up',
      'have been touched',
    ]),
  ],
  [
    'jamb-same',
    both(JAMBS, [
      'same colour',
      'same color',
      'the same colour',
      'the same color',
      'match',
      'matches',
      'is same color',
      'are same color',
    ]),
  ],
  [
    'jamb-other',
    both(JAMBS, [
      'different colour',
      'different color',
      'a different colour',
      'a different color',
      'another colour',
      'another color',
      'other colour',
      'other color',
      'do not match',
      'does not match',
      "don't match",
      "doesn't match",
    ]),
  ],
  [
    'sealer-undisturbed',
    both(
      ['sealer', 'seam sealer', 'sealer beads', 'seam sealer beads'],
      ['undisturbed', 'untouched', 'original', 'as from the factory', 'as from the works'],
    ),
  ],
  [
    'sealer-other',
    both(
      ['sealer', 'seam sealer', 'sealer beads'],
      ['redone', 'new', 'different', 'smeared', 'brushed on', 'not factory', 'not original'],
    ),
  ],
  [
    'stripe-no-edge',
    both(
      ['stripe', 'stripes', 'decal', 'decals'],
      ['no edge', 'without an edge', 'no paint edge', 'no edge under', 'no ridge', 'no ridge under'],
    ),
  ],
  [
    'stripe-over-edge',
    both(
      ['stripe', 'stripes', 'decal', 'decals'],
      ['over an edge', 'over a paint edge', 'over a ridge', 'over new paint'],
    ),
  ],
  [
    'label-in-place',
    both(['label', 'sticker', 'labels', 'stickers'], ['in place', 'still there', 'still in place', 'original']),
  ],
  ['label-missing', both(['label', 'sticker', 'labels', 'stickers'], ['missing', 'gone'])],
  ['hidden-runs', ['factory runs', 'runs from the factory', 'factory run', 'runs from the works']],
  [
    'underside-same',
    [
      'underside matches',
      'same color underneath',
      'same colour underneath',
      'underside same colour',
      'underside same color',
    ],
  ],
  [
    'underside-other',
    [
      'underside another colour',
      'underside another color',
      'different colour underneath',
      'different color underneath',
    ],
  ],
  [
    'chip-primer-only',
    [
      'only primer under chip',
      'just primer under chip',
      'primer only under chip',
      'only primer under it',
      'only primer underneath',
      'just primer under it',
      'just primer underneath',
    ],
  ],
]);
/** What stands beside such a mark and says the same. */
const ALSO: PhraseTable<true> = phraseTable([
  [
    true,
    [
      'paint broken on heads',
      'paint is broken on the heads',
      'paint broken on the heads',
      'paint unbroken',
      'paint is unbroken',
      'paint is broken',
      'are',
      'is',
      'all',
      'all there',
      'there',
      'look',
      'looks',
      'still',
      'never',
    ],
  ],
]);

/** `hood bolts untouched`: a mark for or against paint from the works. Refuses whatever else is said beside. */
function readMark(line: TokenCursor, context: EntryContext): Entry<MarkItem> | null {
  const mark = line.take(SAYS)?.value;
  if (!mark) return null;
  const hedged = line.take(HEDGED) !== null;
  while (line.take(ALSO));
  const found = takeZone(line, context);
  if (!found.ok) return refused(found.problem);
  if (found.zone === null) return refused({ kind: 'no-zone' });
  while (line.take(FILLER));
  const strange = line.rest().filter((t) => !PLACE_WORDS.has(t.text));
  if (strange.length > 0) return null;
  if (!context.plan.zones.get(found.zone)!.aspects.includes('paint'))
    return refused({ kind: 'not-understood', words: mark });
  return { items: [{ kind: 'mark', zone: found.zone, mark, evidence: hedged ? 'inferred' : 'seen' }], problems: [] };
}

/** How facts spell marks, where otherwise than records do. */
const FACTS: Partial<Record<MarkId, string>> = {
  'fasteners-untouched': 'fasteners-undisturbed',
  'fasteners-turned': 'fasteners-disturbed',
};

export const mark = defineClause<MarkItem>({
  words: [SAYS, ALSO],
  read: ({ line, quoted }, context) => (quoted ? null : readMark(line, context)),
  items: {
    mark: {
      puts: ({ zone, mark: id, evidence }, { at }) => [{ kind: 'mark', body: { zone, mark: id, evidence, at } }],
      chips: ({ mark: id, evidence }, wording) => [
        markText(id, wording.words),
        ...(evidence === 'seen' ? [] : [evidence]),
      ],
      facts: ({ zone, mark: id }) => [`mark ${zone} ${FACTS[id] ?? id}`],
    },
  },
});
