import { recordsOf } from '@/core/records/reduce';
import { UM_PER_MIL } from '@/core/units/thickness';
import { decodeTire } from '@/core/wheels/tire-code';
import { defineClause } from '../clause';
import { type Entry, type EntryContext, refused } from '../context';
import { FILLER } from '../phrases';
import { takeZone } from '../take-zone';
import { TokenCursor } from '../token-cursor';
import { tokens } from '../tokens';

interface TireItem {
  readonly kind: 'tire';
  readonly zone: string;
  readonly code: string | null;
  readonly treadMm: number | null;
}

/** "date code 3112", "dot u2ll lmlr 3112", "tyre code 409". */
const CODE =
  /\b(?:date\s+code|d\.?o\.?t\.?(?:\s+code)?|t[iy]re\s+code)\s+(?<code>(?:[a-z0-9]{2,4}\s+){0,3}?[a-z0-9]*\d{3,4})\b/i;
/** "tread 5.5 mm", "tread 6/32": a bare figure says no unit and is not taken. */
const TREAD =
  /\btread\s+(?:of\s+|is\s+)?(?<figure>\d+(?:[.,]\d+)?)\s*(?<unit>mm|millimet(?:er|re)s?|\/\s*32(?:nds)?(?:\s*in(?:ch)?)?)(?![\w])/i;
const LAST_DAY = '2199-12-31';
const THICKEST_TREAD_MM = 20;

function treadOf(match: RegExpExecArray | null): number | null {
  if (!match) return null;
  const value = Number(match.groups!.figure!.replace(',', '.'));
  const mm = match.groups!.unit!.startsWith('/') ? (value / 32) * UM_PER_MIL : value;
  return Math.round(mm * 10) / 10;
}

/** `lf tire date code 3112, tread 5 mm`: what was read off a tire. Refuses what is no wheel, and words that it does not know. */
function readTire(text: string, context: EntryContext): Entry<TireItem> | null {
  const code = CODE.exec(text);
  const tread = TREAD.exec(text);
  if (!code && !tread) return null;
  const rest = text.replace(CODE, ' ').replace(TREAD, ' ');
  const line = new TokenCursor(tokens(rest));
  const found = takeZone(line, context);
  if (!found.ok) return refused(found.problem);
  while (line.take(FILLER));
  const left = [found.beside, line.words()].filter(Boolean).join(' ');
  if (left) return refused({ kind: 'not-understood', words: left });
  if (found.zone === null) return refused({ kind: 'no-zone' });
  if (context.plan.zones.get(found.zone)?.need !== 'tires')
    return refused({ kind: 'not-understood', words: (code ?? tread)![0] });
  const own = code?.groups?.code?.toUpperCase() ?? null;
  if (own !== null && !decodeTire(own, LAST_DAY).ok) return refused({ kind: 'absurd', text: own });
  const treadMm = treadOf(tread);
  if (treadMm !== null && treadMm > THICKEST_TREAD_MM) return refused({ kind: 'absurd', text: tread![0] });
  return { items: [{ kind: 'tire', zone: found.zone, code: own, treadMm }], problems: [] };
}

export const tire = defineClause<TireItem>({
  words: ['date code dot tire tyre tread mm'],
  read: ({ text }, context) => readTire(text, context),
  items: {
    tire: {
      puts: ({ zone, code, treadMm }, { at }, records) => {
        const own = recordsOf(records, 'tire').find((t) => t.body.zone === zone);
        const said = { ...(code !== null && { code }), ...(treadMm !== null && { treadMm }) };
        return [{ kind: 'tire', ...(own && { id: own.id }), body: { zone, at, ...own?.body, ...said } }];
      },
      chips: ({ code, treadMm }) => [
        ...(code === null ? [] : [`date code ${code}`]),
        ...(treadMm === null ? [] : [`tread ${treadMm} mm`]),
      ],
      facts: ({ zone, code }) => (code === null ? [] : [`tire ${zone} ${code.toLowerCase()}`]),
    },
  },
});
