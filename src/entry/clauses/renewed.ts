import { OWN_WORDS } from '@/core/catalogue/flaws/own-words';
import { defineClause } from '../clause';
import { type Entry, type EntryContext, refused } from '../context';
import { FLAW_TABLE, type PhraseTable, phraseTable } from '../lexicon';
import { FILLER, HEDGED } from '../phrases';
import { takeZone } from '../take-zone';
import type { TokenCursor } from '../token-cursor';

const STATES = ['new', 'replaced', 'reproduction', 'modified'] as const;
interface RenewedItem {
  readonly kind: 'renewed';
  readonly zone: string;
  readonly state: (typeof STATES)[number];
  readonly inferred: boolean;
}

const SAYS: PhraseTable<RenewedItem['state']> = phraseTable<RenewedItem['state']>([
  ['new', ['is new', 'are new', 'brand new', 'is brand new', 'are brand new', 'new']],
  [
    'replaced',
    [
      'replaced',
      'has been replaced',
      'have been replaced',
      'is replaced',
      'was replaced',
      'been replaced',
      'is a replacement',
      'replacement',
      'is new metal',
      'new metal',
      'new sheet metal',
    ],
  ],
  ['reproduction', ['reproduction', 'is a reproduction', 'repro', 'is a repro', 'aftermarket', 'is aftermarket']],
  ['modified', ['modified', 'has been modified', 'cut up', 'has been cut up']],
]);

/** `left rear floor has been replaced`: what a place is to the car, where it is no major part of its own. */
function readRenewed(line: TokenCursor, context: EntryContext): Entry<RenewedItem> | null {
  if (line.has(FLAW_TABLE)) return null;
  const state = line.take(SAYS)?.value;
  if (!state) return null;
  const inferred = line.take(HEDGED) !== null;
  const found = takeZone(line, { ...context, zone: context.talk ? context.zone : null }, { several: true });
  if (!found.ok) return refused(found.problem);
  if (found.zone === null) return refused({ kind: 'no-zone' });
  while (line.take(FILLER));
  if (found.beside || line.rest().length > 0) return null;
  return {
    items: (found.all ?? [found.zone]).map((zone) => ({ kind: 'renewed', zone, state, inferred })),
    problems: [],
  };
}

export const renewed = defineClause<RenewedItem>({
  words: [SAYS],
  read: ({ line, quoted }, context) => (quoted ? null : readRenewed(line, context)),
  items: {
    renewed: {
      // No flaw: it stands with its place in words, and judges nothing.
      puts: ({ zone, state, inferred }, { place, at }) => [
        {
          kind: 'finding',
          body: {
            zone,
            flaw: OWN_WORDS,
            count: 1,
            sizeMm: null,
            share: null,
            where: '',
            touchedIn: false,
            visibleFromM: null,
            evidence: inferred ? 'inferred' : 'seen',
            note: state,
            place,
            at,
          },
        },
      ],
      chips: ({ state, inferred }) => [state, ...(inferred ? ['inferred'] : [])],
      facts: ({ zone, state }) => [`part ${zone} ${state}`],
    },
  },
});
