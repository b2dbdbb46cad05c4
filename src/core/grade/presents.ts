import type { Plan } from '../body/plan';
import { flawById } from '../catalogue/flaws/by-id';
import type { AnyRecord, StoredRecord } from '../kinds';
import { recordsOf } from '../records/reduce';
import type { GradeTables } from './tables';

/** The nearest distance at which nothing is noticed, and the finding that sets it. */
export interface Presents {
  readonly metres: number;
  readonly finding: string | null;
}

/**
 * Distance in m from which a finding can just be told: a full-contrast mark is seen at one minute of arc, less contrast
 * shortens that (handbook ch. 1; visual angle as in ISO 8596). What the inspector saw wins over the estimate.
 */
export function noticedFromM(
  finding: StoredRecord<'finding'>['body'],
  metallic: boolean,
  eye: GradeTables['eye'],
): number {
  if (finding.visibleFromM !== null) return finding.visibleFromM;
  const flaw = flawById(finding.flaw);
  const contrast = flaw.contrast * (finding.touchedIn ? eye.touchedIn : 1) * (metallic ? eye.metallic : 1);
  const size = Math.min(eye.largestMm, finding.sizeMm ?? flaw.typicalMm);
  const reach = contrast <= 0 ? 0 : eye.atNoContrast + (1 - eye.atNoContrast) * contrast;
  return Math.min(eye.farthestM, eye.mPerMm * size ** eye.sizeExponent * reach);
}

/**
 * How much farther (above 1) or nearer faults show on this car than the model says, from the findings whose distance the
 * inspector stated: the geometric mean of stated against modelled, shrunk towards 1 by as many findings as the model
 * counts for, bounded. 1 without any: light and gloss of the day are then unknown.
 */
export function eyeCorrection(
  findings: readonly StoredRecord<'finding'>['body'][],
  metallic: boolean,
  eye: GradeTables['eye'],
): number {
  const logs = findings.flatMap((f) => {
    if (f.visibleFromM === null || f.visibleFromM <= 0) return [];
    const modelled = noticedFromM({ ...f, visibleFromM: null }, metallic, eye);
    return modelled > 0 ? [Math.log(f.visibleFromM / modelled)] : [];
  });
  const mean = logs.reduce((a, b) => a + b, 0) / (logs.length + eye.modelCounts);
  const most = Math.log(eye.mostCorrection);
  return Math.exp(Math.min(most, Math.max(-most, mean)));
}

/** How near one may come before the outside shows a fault, from all findings on it. */
export function presentsCleanFrom(plan: Plan, records: readonly AnyRecord[], tables: GradeTables): Presents {
  const metallic = recordsOf(records, 'car')[0]?.body.paintType === 'metallic';
  const outside = recordsOf(records, 'finding').filter((f) => plan.zones.get(f.body.zone)?.view === 'outside');
  const correction = eyeCorrection(
    outside.map((f) => f.body),
    metallic,
    tables.eye,
  );
  let best: Presents = { metres: 0, finding: null };
  for (const f of outside) {
    const stated = f.body.visibleFromM !== null;
    const seen = noticedFromM(f.body, metallic, tables.eye);
    const metres = stated ? seen : Math.min(tables.eye.farthestM, seen * correction);
    if (metres > best.metres) best = { metres: Math.round(metres * 10) / 10, finding: f.id };
  }
  return best;
}
