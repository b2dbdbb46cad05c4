import { seamSlug } from '@/core/body/plan';
import { notches } from '@/core/fit/seams';
import { STATION_LIMITS } from '@/core/fit/station-limits';
import type { GapTool } from '@/core/kinds/gap';
import { BY_WORDS } from '@/words/fit';
import { zoneWords } from '@/words/zones';
import { defineClause } from '../clause';
import { type Entry, type EntryContext, refused } from '../context';
import { PART_TABLE, zoneKey } from '../lexicon';
import { takeZone } from '../take-zone';
import { TokenCursor } from '../token-cursor';
import { tokens } from '../tokens';

interface GapItem {
  readonly kind: 'gap';
  readonly zone: string;
  readonly seam: string;
  /** What it was measured with; a feeler unless said. */
  readonly by: Exclude<GapTool, 'photo'>;
  /** Along the seam from its front, evenly; one flushness for all places, or one each. */
  readonly gapsMm: readonly number[];
  readonly flushMm: readonly number[];
}

/** `gap lf door/fender 4.2 4.5 5.1 flush +1`: the words before the stroke, after it, and the figures. */
const GAP =
  /^\s*(?:gap|gaps|seam)\s+(?<one>[^/|]*[^/|\s])\s*[/|]\s*(?<other>[a-z][a-z .-]*?)\s+(?<figures>[+−-]?\d.*|flush\b.*)$/i;

const BEGINS = /^\s*(?:gaps?|seam)\s/i;

/** What it was measured with, said at the end: "by wedge", "caliper". */
const TOOL = /\s+(?:(?:by|with)\s+)?(?<tool>feeler|wedge|caliper|calliper|eye)s?\s*$/i;

function figuresOf(text: string): number[] | string {
  const list = text
    .replace(/−/g, '-')
    .split(/\s+/)
    .filter((t) => t !== '' && t !== 'mm');
  const values = list.map((t) => Number(t.replace(',', '.').replace(/mm$/, '')));
  const bad = list[values.findIndex((v) => !Number.isFinite(v))];
  return bad === undefined ? values : bad;
}

/** `gap bonnet left wing 4 5 6`: the stroke left out. The words are parted where a seam of the car comes out, if only there. */
function withoutStroke(text: string, context: EntryContext): Record<string, string> | undefined {
  const parts = /^\s*gaps?\s+(?<words>[a-z][a-z .'-]*?)\s+(?<figures>[+−-]?\d.*|flush\b.*)$/i.exec(text)?.groups;
  const words = parts?.words?.split(/\s+/) ?? [];
  const ways = words.slice(1).flatMap((_w, i) => {
    const [one, other] = [words.slice(0, i + 1).join(' '), words.slice(i + 1).join(' ')];
    const whole = (part: string) => {
      const line = new TokenCursor(tokens(part));
      const zone = takeZone(line, { ...context, zone: null });
      return zone.ok && zone.zone && !zone.beside && line.rest().length === 0 ? zone.zone : null;
    };
    const [a, b] = [whole(one), whole(other)];
    return a && b && context.plan.seams.has(seamSlug(a, b)) ? [{ one: a, other: b }] : [];
  });
  return ways.length === 1 ? { ...ways[0]!, figures: parts!.figures! } : undefined;
}

/**
 * Reads gaps and flushness typed along a seam; null when the line does not speak of a seam. The seam is the one of the
 * zone named before the stroke that leads to the part named after it. One flushness holds for all places, several go one to
 * each. In mm; refuses what no seam can have.
 */
function readGap(text: string, context: EntryContext): Entry<GapItem> | null {
  if (!BEGINS.test(text)) return null;
  const tool = TOOL.exec(text)?.groups?.tool?.toLowerCase();
  const said = text.replace(TOOL, '');
  const found = GAP.exec(said)?.groups ?? withoutStroke(said, context);
  if (!found) return null;
  const zone = takeZone(new TokenCursor(tokens(found.one!)), context);
  if (!zone.ok) return refused(zone.problem);
  if (zone.beside) return refused({ kind: 'not-understood', words: zone.beside });
  if (zone.zone === null) return refused({ kind: 'no-zone' });
  const part = new TokenCursor(tokens(found.other!)).take(PART_TABLE)?.value ?? found.other!.trim().toLowerCase();
  const seams = context.plan.zones.get(zone.zone)!.seams.map((slug) => {
    const [a, b] = slug.split('|') as [string, string];
    return { slug, other: a === zone.zone ? b : a };
  });
  const meant = seams.find((s) => s.other === part || zoneKey(s.other).part === part);
  if (!meant) return refused({ kind: 'not-understood', words: `${found.one}/${found.other}` });
  const [widths, flush] = found.figures!.split(/\bflush\b/i).map(figuresOf);
  for (const list of [widths, flush])
    if (typeof list === 'string') return refused({ kind: 'not-understood', words: list });
  const gapsMm = widths as number[];
  const flushMm = (flush as number[] | undefined) ?? [];
  const absurd =
    gapsMm.find((v) => v < 0 || v > STATION_LIMITS.widestMm) ??
    flushMm.find((v) => Math.abs(v) > STATION_LIMITS.flushMm);
  if (absurd !== undefined) return refused({ kind: 'absurd', text: `${absurd} mm` });
  if (gapsMm.length === 0 && flushMm.length === 0) return refused({ kind: 'not-understood', words: found.figures! });
  if (gapsMm.length > 0 && flushMm.length > 1 && flushMm.length !== gapsMm.length)
    return refused({ kind: 'not-understood', words: `${flushMm.length} flush for ${gapsMm.length} gaps` });
  const by = tool === 'calliper' ? 'caliper' : ((tool ?? 'feeler') as Exclude<GapTool, 'photo'>);
  // Flushness is told of the zone named first; the record tells it of the first zone of the slug.
  const sign = meant.slug.startsWith(`${zone.zone}|`) ? 1 : -1;
  return {
    items: [{ kind: 'gap', zone: zone.zone, seam: meant.slug, by, gapsMm, flushMm: flushMm.map((v) => sign * v + 0) }],
    problems: [],
  };
}

export const gap = defineClause<GapItem>({
  words: ['gap gaps seam flush by with feeler wedge caliper'],
  read: ({ text, quoted }, context) => (quoted === '' ? readGap(text, context) : null),
  items: {
    gap: {
      puts: (item, options) => {
        const seam = options.seamLengthMm?.(item.seam) ?? 0;
        const count = Math.max(item.gapsMm.length, item.flushMm.length);
        const stations = notches(seam, count).map((sMm, i) => ({
          sMm,
          gapMm: item.gapsMm[i] ?? null,
          flushMm: item.flushMm[item.flushMm.length === 1 ? 0 : i] ?? null,
        }));
        return [{ kind: 'gap', body: { seam: item.seam, by: item.by, stations, at: options.at } }];
      },
      chips: (item, wording) => {
        const [a, b] = item.seam.split('|') as [string, string];
        const flush = item.flushMm.map((v) => `${v > 0 ? '+' : ''}${v}`).join(', ');
        return [
          `gap to ${zoneWords(a === item.zone ? b : a, wording)}`,
          ...(item.gapsMm.length > 0 ? [`${item.gapsMm.join(', ')} mm`] : []),
          ...(flush ? [`flush ${flush} mm`] : []),
          ...(item.by === 'feeler' ? [] : [`by ${BY_WORDS[item.by]}`]),
        ];
      },
    },
  },
});
