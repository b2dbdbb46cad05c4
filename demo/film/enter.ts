import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import type { AnyRecord, BodyOf } from '../../src/core/kinds';
import type { CheckedChange } from '../../src/core/records/check-change';
import { applyTo } from '../../src/core/records/reduce';
import { entriesOf } from '../../src/entry/puts';
import { captionsOf, textOf } from '../../src/entry/talk/caption-file';
import { listenTo } from '../../src/entry/talk/listen';
import { momentsOf } from '../../src/entry/talk/moments';
import { isKept, sortRows } from '../../src/entry/talk/sorting';
import type { DemoVisit } from '../visit';

const HERE = path.dirname(fileURLToPath(import.meta.url));
export const FILM_NAME = 'lot-18-lap.mp4';
export const FILM_FILE = path.join(HERE, 'lap.mp4');
const timesSchema = JSON.parse(readFileSync(path.join(HERE, 'lap.json'), 'utf8')) as {
  lengthS: number;
  scenes: readonly (readonly [fromS: number, toS: number])[];
};
export const LENGTH_S = timesSchema.lengthS;
/** Records that the film's stills are pictures of. */
const PICTURED = new Set(['finding']);

/** Which place of the lap the film shows at a moment, and how far over it the telephone has wandered. */
export function sceneAt(s: number): readonly [scene: number, share: number] {
  const { scenes } = timesSchema;
  const found = scenes.findIndex(([, toS]) => s < toS);
  const scene = found < 0 ? scenes.length - 1 : found;
  const [fromS, toS] = scenes[scene]!;
  return [scene, Math.min(1, (s - fromS) / (toS - fromS))];
}

export interface TalkedRecord {
  readonly of: string;
  readonly zone: string | null;
  readonly fromS: number;
}

/**
 * Enters what was said in the film of the lap as somebody does who takes all that was understood: through the captions, by
 * the same functions as the sorting table. Returns what the film's stills are to be taken of.
 */
export function enterLap(
  visit: DemoVisit,
  { car, visitId, film }: { car: BodyOf<'car'>; visitId: string; film: string },
): readonly TalkedRecord[] {
  const read = captionsOf(textOf(readFileSync(path.join(HERE, 'lap.vtt'))));
  if (!read.ok) throw new Error(`the captions of the lap cannot be read: ${read.why}`);
  const { plan } = visit;
  const heard = listenTo(read.cues, {
    plan,
    zone: null,
    unit: 'um',
    kerb: 'right',
    steering: car.steering,
    ceilingUm: 500,
  });
  const records = new Map<string, AnyRecord>();
  for (const change of visit.changes) applyTo(records, change as CheckedChange);
  const pictured: TalkedRecord[] = [];
  for (const row of sortRows(heard, {})) {
    if (!row.item || !isKept(row.item)) continue;
    const at = visit.at();
    const seamLengthMm = (seam: string) => plan.seams.get(seam)?.lengthMm ?? 0;
    const puts = entriesOf([row.item], records, { at, place: null, visit: visitId, seamLengthMm }).map((p) => ({
      ...p,
      id: p.id ?? visit.nextId(),
    }));
    for (const { kind, body, id } of [...puts, ...momentsOf(film, row, puts, at)])
      visit.put(kind, body, id ?? visit.nextId());
    const shown = puts.find((p) => PICTURED.has(p.kind));
    if (shown && row.fromS !== undefined)
      pictured.push({ of: shown.id, zone: 'zone' in row.item ? (row.item.zone ?? null) : null, fromS: row.fromS });
  }
  return pictured;
}
