import { notches } from '@/core/fit/car-fit';
import type { Records } from '@/core/records/reduce';
import { recordsOf } from '@/core/records/reduce';
import { toUm } from '@/core/units/thickness';
import type { EntryItem } from '@/entry/parse';
import type { InspectionStore } from '@/ui/records/inspection-store';

export interface TakeOptions {
  readonly at: string;
  readonly place: { uMm: number; vMm: number } | null;
  readonly visit: string | null;
  /** How long a seam is, mm: figures are placed along it. */
  readonly seamLengthMm?: (seam: string) => number;
  /** How unlikely µm values are meant: taken as mil, or stood by. */
  readonly asked?: 'as-mil' | 'as-typed';
}

type Put = Parameters<InspectionStore['put']>[0][number];

function readingBody(item: Extract<EntryItem, { kind: 'reading' | 'replace-last' }>, options: TakeOptions): object {
  const asMil = item.askUnit && options.asked === 'as-mil';
  return {
    zone: item.zone,
    state: item.state,
    thicknessUm: asMil ? toUm(Number(item.typed.text.replace(',', '.')), 'mil') : item.thicknessUm,
    typed: asMil ? { text: item.typed.text, unit: 'mil' } : item.typed,
    place: options.place,
    visit: options.visit,
    confirmed: item.askUnit && options.asked === 'as-typed',
    at: options.at,
  };
}

/** The newest reading of a zone, which `again` replaces. */
function lastReading(records: Records, zone: string): string | null {
  const own = recordsOf(records, 'reading').filter((r) => r.body.zone === zone);
  return own[own.length - 1]?.id ?? null;
}

/** So many figures are not the same at two panels by chance. */
const SAME_FROM = 3;

/** The other panel where the very same figures were entered last, or null: typed twice by a slip, most likely. */
export function sameFiguresAt(items: readonly EntryItem[], records: Records): string | null {
  const typed = items.flatMap((i) => (i.kind === 'reading' ? [i.typed.text] : []));
  const zones = new Set(items.map((i) => ('zone' in i ? i.zone : '')));
  if (typed.length < SAME_FROM || typed.length !== items.length || zones.size !== 1) return null;
  const last = recordsOf(records, 'reading').slice(-typed.length);
  const [zone] = zones;
  const before = last[0]?.body.zone;
  const same =
    last.length === typed.length && last.every((r, i) => r.body.typed.text === typed[i] && r.body.zone === before);
  return same && before !== undefined && before !== zone ? before : null;
}

/** The records that an understood line enters, in order; `undo` and `go` enter none. */
export function entriesOf(items: readonly EntryItem[], records: Records, given: TakeOptions): Put[] {
  // A place was touched for one thing: of several nobody said where they stand.
  const placed = items.filter((i) => i.kind === 'reading' || i.kind === 'finding' || i.kind === 'replace-last');
  const options = placed.length === 1 ? given : { ...given, place: null };
  return items.flatMap((item): Put[] => {
    switch (item.kind) {
      case 'reading':
        return [{ kind: 'reading', body: readingBody(item, options) }];
      case 'replace-last': {
        const id = lastReading(records, item.zone);
        return [{ kind: 'reading', body: readingBody(item, options), ...(id && { id }) }];
      }
      case 'look':
        return item.aspects.map((aspect) => ({
          kind: 'look',
          body: { zone: item.zone, aspect, outcome: item.outcome, why: item.why, note: item.note, at: options.at },
        }));
      case 'finding':
        return [
          {
            kind: 'finding',
            body: {
              zone: item.zone,
              flaw: item.flaw,
              count: item.count,
              sizeMm: item.sizeMm,
              share: item.share,
              where: item.where,
              touchedIn: item.touchedIn,
              visibleFromM: item.visibleFromM,
              evidence: item.evidence,
              note: item.note,
              place: options.place,
              at: options.at,
            },
          },
        ];
      case 'gap': {
        const seam = options.seamLengthMm?.(item.seam) ?? 0;
        const count = Math.max(item.gapsMm.length, item.flushMm.length);
        return [
          {
            kind: 'gap',
            body: {
              seam: item.seam,
              by: item.by,
              stations: notches(seam, count).map((sMm, i) => ({
                sMm,
                gapMm: item.gapsMm[i] ?? null,
                flushMm: item.flushMm[item.flushMm.length === 1 ? 0 : i] ?? null,
              })),
              at: options.at,
            },
          },
        ];
      }
      default:
        return [];
    }
  });
}
