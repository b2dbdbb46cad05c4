import { type AnyRecord, kindOf, type RecordKind } from '@/core/kinds';
import { EVIDENCE, type Evidence } from '@/core/kinds/common';
import { recordsOf } from '@/core/records/reduce';
import type { ThicknessUnit } from '@/core/units/thickness';
import { capital } from '@/words/capital';
import { seamName } from '@/words/fit';
import { wordsOf } from '@/words/kinds';
import { recordSays, zoneOfRecord } from '@/words/record';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import type { FilmMoment, PictureRow } from './block';
import { momentsByRecord } from './film-moments';
import { pictureRow } from './picture-row';
import { placesOf, type Rests, recordsBehind } from './rests';

/** A record as a reader sees it: what it says and where, by what it is shown, and as it was sealed. */
export interface EntryOnRecord {
  readonly id: string;
  readonly kind: RecordKind;
  readonly name: string;
  readonly place: string;
  readonly says: string;
  readonly evidence: Evidence;
  /** When it was entered or taken, ISO 8601; null where the record does not say. */
  readonly at: string | null;
  readonly pictures: readonly PictureRow[];
  readonly moments: readonly (FilmMoment & { readonly words: string })[];
  readonly sealed: string;
}

export interface GroupOnRecord {
  readonly place: string;
  readonly zones: readonly string[];
  readonly entries: readonly EntryOnRecord[];
}

/** How a record is known: as it says itself, else by its kind. */
function evidenceOf({ kind, body }: AnyRecord): Evidence {
  const own = (body as { evidence?: unknown }).evidence;
  return EVIDENCE.some((e) => e === own) ? (own as Evidence) : (kindOf(kind).known ?? 'seen');
}

function atOf(body: unknown): string | null {
  const { at, takenAt, startedAt } = body as Record<string, unknown>;
  const first = [at, takenAt, startedAt].find((v) => typeof v === 'string');
  return (first as string | undefined) ?? null;
}

function placeText(body: unknown, wording: Wording): string {
  const seam = (body as { seam?: unknown }).seam;
  const zone = zoneOfRecord(body);
  return zone ? zoneName(zone, wording) : typeof seam === 'string' ? seamName(seam, wording) : 'the car';
}

/**
 * The sealed records that a statement rests on, place by place in the order of the records, each with the pictures taken for
 * it and the moments of the film in which it is spoken of.
 */
export function onRecord(
  records: readonly AnyRecord[],
  rests: Rests,
  wording: Wording,
  unit: ThicknessUnit,
): readonly GroupOnRecord[] {
  const photos = recordsOf(records, 'photo');
  const moments = momentsByRecord(records);
  const words = new Map(recordsOf(records, 'moment').map((m) => [`${m.body.of} ${m.body.fromS}`, m.body.words]));
  const groups = new Map<string, { zones: readonly string[]; entries: EntryOnRecord[] }>();
  for (const record of recordsBehind(records, rests)) {
    const place = capital(placeText(record.body, wording));
    const group = groups.get(place) ?? { zones: placesOf(record.body), entries: [] };
    const { saysIn } = wordsOf(record.kind);
    group.entries.push({
      id: record.id,
      kind: record.kind,
      name: capital(wordsOf(record.kind).name),
      place,
      says: saysIn?.(record.body as never, unit, wording) ?? recordSays(record, wording),
      evidence: evidenceOf(record),
      at: atOf(record.body),
      pictures: photos
        .filter((p) => p.body.finding === record.id || p.id === record.id)
        .map((p) => pictureRow(p, null, wording)),
      moments: (moments.get(record.id) ?? []).map((m) => ({ ...m, words: words.get(`${record.id} ${m.fromS}`) ?? '' })),
      sealed: JSON.stringify({ id: record.id, version: record.version, ...record.body }, null, 2),
    });
    groups.set(place, group);
  }
  return [...groups].map(([place, group]) => ({ place, ...group }));
}
