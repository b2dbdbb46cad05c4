import type { BLOW_BYS, CATCHES, CHOKES, CRANKS, Smoke, SmokeCourse } from '@/core/catalogue/run-words';
import { recordsOf } from '@/core/records/reduce';
import { CATCH_WORDS, CHOKE_WORDS, COURSE_WORDS, CRANK_WORDS, SMOKE_WORDS } from '@/words/running';
import { defineClause } from '../clause';
import type { Entry } from '../context';
import { type PhraseTable, phraseTable } from '../lexicon';
import { FILLER } from '../phrases';
import type { TokenCursor } from '../token-cursor';

interface Says {
  cranks?: (typeof CRANKS)[number];
  catches?: (typeof CATCHES)[number];
  choke?: (typeof CHOKES)[number];
  blowBy?: (typeof BLOW_BYS)[number];
  smoke?: { readonly colour: Smoke; readonly course: SmokeCourse | null };
}
interface StartItem {
  readonly kind: 'start';
  readonly says: Says;
}

const rows: readonly (readonly [Says, readonly string[]])[] = [
  [{ smoke: { colour: 'none', course: null } }, ['no smoke', 'without smoke']],
  [{ smoke: { colour: 'blue', course: null } }, ['blue smoke', 'smokes blue']],
  [{ smoke: { colour: 'blue', course: 'puff' } }, ['puff of blue smoke', 'puff of blue']],
  [{ smoke: { colour: 'black', course: null } }, ['black smoke', 'smokes black']],
  [{ smoke: { colour: 'white', course: null } }, ['white smoke', 'smokes white']],
  [{ smoke: { colour: 'white', course: 'stays' } }, ['white smoke that stays', 'white smoke stays']],
  [
    { smoke: { colour: 'white', course: 'fades' } },
    ['white smoke that fades', 'white smoke fades', 'steam that fades'],
  ],
  [{ cranks: 'strong' }, ['cranks strong', 'cranks strongly', 'cranks well', 'turns over strong', 'turns over well']],
  [{ cranks: 'slow' }, ['cranks slow', 'cranks slowly', 'slow crank', 'turns over slow', 'turns over slowly']],
  [
    { catches: 'at-once' },
    [
      'starts at once',
      'started at once',
      'starts right up',
      'started right up',
      'fires at once',
      'fires right up',
      'fired right up',
      'starts straight away',
      'started straight away',
      'caught at once',
      'catches at once',
    ],
  ],
  [
    { choke: 'used' },
    [
      'with choke',
      'choke out',
      'choke pulled',
      'choke used',
      'on choke',
      'on the choke',
      'needs choke',
      'needed choke',
    ],
  ],
  [{ choke: 'not-needed' }, ['no choke', 'without choke']],
];
const TABLE = phraseTable<Says>(rows);
/** Words that belong to a start and say nothing of their own. */
const BESIDE: PhraseTable<true> = ['engine', 'cold start', 'cold', 'it', 'started', 'starts', 'from cold', 'then'].map(
  (p) => [p.split(' '), true] as const,
);

/** `cold start no smoke, cranks strong`: how it started. Whatever else is said beside is no start. */
function readStart(line: TokenCursor): Entry<StartItem> | null {
  const says: Says = {};
  for (let found = line.take(TABLE); found; found = line.take(TABLE)) Object.assign(says, found.value);
  if (Object.keys(says).length === 0) return null;
  while (line.take(BESIDE) || line.take(FILLER));
  return line.rest().length > 0 ? null : { items: [{ kind: 'start', says }], problems: [] };
}

export const start = defineClause<StartItem>({
  words: [TABLE, BESIDE],
  read: ({ line, quoted }) => (quoted ? null : readStart(line)),
  items: {
    start: {
      puts: ({ says: { smoke, ...rest } }, { at }, records) => {
        const own = recordsOf(records, 'start')
          .filter((r) => !r.body.hot)
          .at(-1);
        const before = own?.body.smoke.filter((s) => s.colour !== 'none' && s.colour !== smoke?.colour) ?? [];
        return [
          {
            kind: 'start',
            ...(own && { id: own.id }),
            body: {
              at,
              ...own?.body,
              ...rest,
              ...(smoke && { smoke: smoke.colour === 'none' ? [smoke] : [...before, smoke] }),
            },
          },
        ];
      },
      chips: ({ says: s }) => [
        ...(s.cranks ? [CRANK_WORDS[s.cranks]] : []),
        ...(s.catches ? [CATCH_WORDS[s.catches]] : []),
        ...(s.choke ? [CHOKE_WORDS[s.choke]] : []),
        ...(s.smoke
          ? [
              [SMOKE_WORDS[s.smoke.colour], s.smoke.course ? COURSE_WORDS[s.smoke.course] : '']
                .filter(Boolean)
                .join(', '),
            ]
          : []),
      ],
      facts: ({ says: s }) => [
        ...(s.smoke ? [`start ${s.smoke.colour === 'none' ? 'no-smoke' : `smoke-${s.smoke.colour}`}`] : []),
        ...(s.cranks && s.cranks !== 'none' ? [`start ${s.cranks}`] : []),
        ...(s.choke === 'used' ? ['start choke'] : []),
        ...(s.catches === 'at-once' ? ['start at-once'] : []),
      ],
    },
  },
});
