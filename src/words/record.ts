import { OWN_WORDS } from '@/core/catalogue/flaws/own-words';
import type { AnyRecord, RecordKind } from '@/core/kinds';
import { type ThicknessUnit, thicknessText } from '@/core/units/thickness';
import type { RecordChange } from '@/report/changes';
import { colourText } from './colour';
import { gapText, seamName, shutText, stanceText } from './fit';
import { countedName } from './flaws';
import { markText } from './marks';
import { ASPECT_WORDS, BLOCKED_WORDS, term } from './terms';
import type { Wording } from './vocabulary';
import { wavesText } from './waves';
import { zoneName } from './zones';

export const KIND_WORDS: Readonly<Record<RecordKind, string>> = {
  car: 'car',
  visit: 'visit',
  look: 'look',
  reading: 'reading',
  finding: 'finding',
  photo: 'photo',
  claim: 'claim',
  colour: 'colour',
  mark: 'paint evidence',
  waves: 'waves',
  gap: 'gap',
  shut: 'shut',
  stance: 'stance',
};

/** The zone of a record, for kinds that have one. */
export function zoneOfRecord(body: unknown): string | null {
  const zone = (body as { zone?: unknown } | null)?.zone;
  return typeof zone === 'string' ? zone : null;
}

/** What a record says, in one line without its zone: for lists of what waits, what changed and what stands against it. */
export function recordSays({ kind, body }: Pick<AnyRecord, 'kind' | 'body'>, wording: Wording): string {
  const record = { kind, body } as AnyRecord;
  switch (record.kind) {
    case 'car':
      return [record.body.make, record.body.model, record.body.year].filter(Boolean).join(' ');
    case 'visit':
      return (
        [record.body.place, record.body.inspector].filter(Boolean).join(', ') || record.body.startedAt.slice(0, 10)
      );
    case 'look': {
      const { aspect, outcome, why } = record.body;
      const what = outcome === 'clean' ? 'seen and clean' : `blocked, ${why ? BLOCKED_WORDS[why] : 'other reason'}`;
      return `${term(ASPECT_WORDS, aspect, wording.words)} ${what}`;
    }
    case 'reading': {
      const { state, thicknessUm, typed } = record.body;
      if (state === 'none') return 'no reading';
      return `${state === 'over' ? 'over ' : ''}${thicknessText(thicknessUm ?? 0, typed.unit)}`;
    }
    case 'finding': {
      const { count, flaw, sizeMm, where, note } = record.body;
      if (flaw === OWN_WORDS) return `“${note}”, in own words`;
      return [countedName({ flaw, count }, wording.words), sizeMm ? `${sizeMm} mm` : '', where]
        .filter(Boolean)
        .join(', ');
    }
    case 'photo':
      return record.body.caption || record.body.name;
    case 'claim':
      return `“${record.body.text}”, ${record.body.source}`;
    case 'colour':
      return colourText(record.body, wording);
    case 'mark':
      return [markText(record.body.mark, wording.words), record.body.where].filter(Boolean).join(', ');
    case 'waves':
      return wavesText(record.body);
    case 'gap':
      return `${seamName(record.body.seam, wording)}: ${gapText(record.body)}`;
    case 'shut':
      return shutText(record.body);
    case 'stance':
      return stanceText(record.body);
  }
}

/** A record with its kind and place: "reading, left wing: 131 µm". */
export function recordLine(record: Pick<AnyRecord, 'kind' | 'body'>, wording: Wording): string {
  const zone = zoneOfRecord(record.body);
  const place = zone ? `${KIND_WORDS[record.kind]}, ${zoneName(zone, wording)}` : KIND_WORDS[record.kind];
  return `${place}: ${recordSays(record, wording)}`;
}

/** What differs in one record between two revisions: "reading, roof: 98 µm → 93 µm". */
export function recordChangeText({ kind, before, after }: RecordChange, wording: Wording, unit: ThicknessUnit): string {
  const says = (body: unknown) => {
    const record = { kind, body } as AnyRecord;
    // Two values of one reading are told in one unit, whichever they were typed in.
    if (record.kind === 'reading' && record.body.thicknessUm !== null)
      return `${record.body.state === 'over' ? 'over ' : ''}${thicknessText(record.body.thicknessUm, unit)}`;
    return recordSays(record, wording);
  };
  const line = recordLine({ kind, body: after ?? before } as Parameters<typeof recordLine>[0], wording);
  const place = line.slice(0, line.indexOf(':'));
  if (before === null) return `${place}: entered: ${says(after)}`;
  if (after === null) return `${place}: taken out: ${says(before)}`;
  const [was, is] = [says(before), says(after)];
  return was === is ? `${place}: ${is} (details changed)` : `${place}: ${was} → ${is}`;
}
