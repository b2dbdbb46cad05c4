import type { BodyOf } from '@/core/kinds';
import { type Records, recordsOf } from '@/core/records/reduce';
import { M_PER_FOOT } from '@/core/units/length';
import { defineClause, type EntryPut } from '../clause';
import { type Entry, refused } from '../context';

interface StanceItem {
  readonly kind: 'stands';
  readonly how: string;
}
interface PresentsItem {
  readonly kind: 'presents';
  readonly fromM: number;
}

const AMOUNT = '(?:a\\s+little|a\\s+bit|slightly|a\\s+touch|just\\s+a\\s+little|noticeably)';
const LEVEL =
  /^\W*(?:it\s+|the\s+car\s+|she\s+|car\s+)?(?:sits?|stands?|sitting|standing)\s+(?:nice\s+and\s+|nice\s+|perfectly\s+|dead\s+|pretty\s+)?(?:level|even|straight|flat|as\s+it\s+should)(?:\s+all\s+(?:the\s+way\s+)?a?round)?\W*$/i;
const LOW = new RegExp(
  `^\\W*(?:it\\s+|the\\s+car\\s+|she\\s+|car\\s+)?(?:is\\s+)?(?:sits?|stands?|sags?|leans?|sitting|sagging|leaning)\\s*(?:${AMOUNT}\\s+)?(?<how>low|high|down|up|nose\\s+high|tail\\s+high|nose\\s+down|tail\\s+down)?\\s*(?:at|on|in|to)?\\s*(?:the\\s+)?(?<where>(?:(?:(?:at|on|in)\\s+(?:the\\s+)?)?(?:left|right|front|rear|back|driver'?s?|passenger'?s?|nearside|offside|side|corner|end)\\s*)*)\\W*$`,
  'i',
);
const FOOTER =
  /^\W*(?:(?:so|and|overall)\s+)?(?:it\s+is|it's|i\s+would\s+call\s+it|i'd\s+call\s+it|call\s+it|this\s+is|that's|that\s+is)?\s*(?:a|an|your)?\s*(?:solid\s+|good\s+|nice\s+|honest\s+)?(?<from>\d+(?:\.\d+)?)(?:\s*(?:to|or|-)\s*(?<to>\d+(?:\.\d+)?))?[\s-]*(?:footer|foot\s+car|foot\s+paint|foot)(?:\s+(?:car|for\s+sure|paint\s+job))?\W*$/i;
const FROM_FEET =
  /^\W*(?:it\s+|the\s+car\s+|she\s+)?(?:(?:presents?|looks?|shows?|is)\s+)?(?:really\s+|very\s+)?(?:well|good|great|nice|fine)\s+(?:from|at)\s+(?<from>\d+(?:\.\d+)?)(?:\s*(?:to|or|-)\s*(?<to>\d+(?:\.\d+)?))?\s*(?<unit>feet|foot|ft|meters?|metres?|m)\W*$/i;
const MOST_FEET = 150;

/** Words of a corner in the order of facts: "low at the left rear" → low-left-rear. */
function howOf(said: string): string {
  const where = said.toLowerCase();
  const side = /left/.test(where) ? 'left' : /right/.test(where) ? 'right' : null;
  const end = /front/.test(where) ? 'front' : /rear|back/.test(where) ? 'rear' : null;
  return [side, end].filter(Boolean).join('-');
}

/** `sits level`, `sits low at the left rear`, `two footer`: how the car stands and from how far it presents well. */
function read(text: string): Entry<StanceItem | PresentsItem> | null {
  if (LEVEL.test(text)) return { items: [{ kind: 'stands', how: 'level' }], problems: [] };
  const low = LOW.exec(text)?.groups;
  if (low) {
    const place = howOf(low.where ?? '');
    const how = (low.how ?? 'low').toLowerCase().replace('down', 'low').replace('up', 'high').replace(/\s+/g, '-');
    if (!place && !/nose|tail/.test(how)) return null;
    return { items: [{ kind: 'stands', how: [how, place].filter(Boolean).join('-') }], problems: [] };
  }
  const far = (FOOTER.exec(text) ?? FROM_FEET.exec(text))?.groups;
  if (!far) return null;
  const [from, to] = [Number(far.from), Number(far.to ?? far.from)];
  const middle = (from + to) / 2;
  if (middle <= 0 || middle > MOST_FEET) return refused({ kind: 'absurd', text: text.trim() });
  return {
    items: [{ kind: 'presents', fromM: /^m/i.test(far.unit ?? '') ? middle : middle * M_PER_FOOT }],
    problems: [],
  };
}

const metres = (m: number) => String(Math.round(m * 10) / 10);

/** The car's one look from a distance, with what was said of it now. */
function standoffWith(records: Records, said: Partial<BodyOf<'standoff'>>): EntryPut {
  const own = recordsOf(records, 'standoff').at(-1);
  return { kind: 'standoff', ...(own && { id: own.id }), body: { ...own?.body, ...said } };
}

export const stands = defineClause<StanceItem | PresentsItem>({
  words: [
    `sits sit stands stand sitting standing level even straight flat low high down up nose tail leans lean sags sag sagging leaning side
     corner end footer foot feet ft car paint presents looks shows well good great nice fine from meters metres all round around`,
  ],
  read: ({ text, quoted }) => (quoted ? null : read(text)),
  items: {
    stands: {
      puts: ({ how }, { at }, records) => [standoffWith(records, { stands: how, at })],
      chips: ({ how }) => [`stands ${how.replaceAll('-', ' ')}`],
      facts: ({ how }) => [`stance ${how}`],
    },
    presents: {
      puts: ({ fromM }, { at }, records) => [
        standoffWith(records, { looksWellFromM: Math.round(fromM * 100) / 100, at }),
      ],
      chips: ({ fromM }) => [`presents well from ${metres(fromM)} m`],
      facts: ({ fromM }) => [`presents ${metres(fromM)}m`],
    },
  },
});
