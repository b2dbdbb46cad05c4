import type { AnyRecord } from '@/core/kinds';
import type { RecordChange } from '@/core/records/record-change';
import type { ThicknessUnit } from '@/core/units/thickness';
import { wordsOf } from './kinds';
import type { Wording } from './vocabulary';
import { zoneName } from './zones';

/** The zone of a record, for kinds that have one. */
export function zoneOfRecord(body: unknown): string | null {
  const zone = (body as { zone?: unknown } | null)?.zone;
  return typeof zone === 'string' ? zone : null;
}

/** What a record says, in one line without its zone: for lists of what waits, what changed and what stands against it. */
export function recordSays({ kind, body }: Pick<AnyRecord, 'kind' | 'body'>, wording: Wording): string {
  return wordsOf(kind).says(body as never, wording);
}

/** A record with its kind and place: "reading, left wing: 131 µm". */
export function recordLine(record: Pick<AnyRecord, 'kind' | 'body'>, wording: Wording): string {
  const zone = zoneOfRecord(record.body);
  const place = zone ? `${wordsOf(record.kind).name}, ${zoneName(zone, wording)}` : wordsOf(record.kind).name;
  return `${place}: ${recordSays(record, wording)}`;
}

/** What differs in one record between two revisions: "reading, roof: 98 µm → 93 µm". */
export function recordChangeText({ kind, before, after }: RecordChange, wording: Wording, unit: ThicknessUnit): string {
  // Two values of one record are told in one unit, whichever they were typed in.
  const says = (body: unknown) => {
    const own = wordsOf(kind);
    return own.saysIn?.(body as never, unit, wording) ?? own.says(body as never, wording);
  };
  const line = recordLine({ kind, body: after ?? before } as Parameters<typeof recordLine>[0], wording);
  const place = line.slice(0, line.indexOf(':'));
  if (before === null) return `${place}: entered: ${says(after)}`;
  if (after === null) return `${place}: taken out: ${says(before)}`;
  const [was, is] = [says(before), says(after)];
  return was === is ? `${place}: ${is} (details changed)` : `${place}: ${was} → ${is}`;
}
