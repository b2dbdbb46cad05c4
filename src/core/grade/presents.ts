import type { Plan } from '../body/plan';
import { partOf } from '../body/zone';
import { flawById } from '../catalogue/flaws/by-id';
import type { Flaw } from '../catalogue/flaws/flaw';
import type { AnyRecord, StoredRecord } from '../kinds';
import { recordsOf } from '../records/reduce';
import { sizeOf } from '../work/extent';
import { shareOf } from '../work/share';
import { lightnessOf } from './lightness';
import type { GradeTables } from './tables';

/** The nearest distance at which nothing is noticed by somebody who is not looking for it, and the finding that sets it. */
export interface Presents {
  readonly metres: number;
  readonly finding: string | null;
}

type Told = StoredRecord<'finding'>['body'];
type Notice = GradeTables['notice'];

/** What of a car's paint decides how far its faults show. */
export interface Ground {
  readonly metallic: boolean;
  readonly dark: boolean;
}

const MM_PER_M = 1000;

/** How large a finding looks, in mm: the root of the area that it stands out by. */
function looksMm(finding: Told, flaw: Flaw, areaM2: number): number {
  const share = shareOf(finding);
  if (share !== null && share > 0) return Math.sqrt(share * areaM2) * MM_PER_M;
  const size = sizeOf(finding) ?? flaw.typicalMm;
  // A long scratch is no wider than a short one.
  return flaw.widthMm === undefined ? size : Math.sqrt(size * Math.min(size, flaw.widthMm));
}

/**
 * Distance in m from which a finding is noticed by somebody who is not looking for it: by size, contrast and number, by where
 * it is and by the paint around it; powers of each, as detection in search falls off with visual angle and contrast (Wandell,
 * Foundations of Vision, ch. 7), held against the described cars. What the inspector saw wins over the estimate.
 */
export function noticedFromM(
  finding: Told,
  zone: { readonly slug: string; readonly areaM2: number },
  ground: Ground,
  notice: Notice,
): number {
  if (finding.visibleFromM !== null) return finding.visibleFromM;
  const flaw = flawById(finding.flaw);
  const onDark = ground.dark ? (flaw.onDark ?? 1) : 1;
  const spread = (shareOf(finding) ?? 0) > 0;
  const own = spread ? (flaw.veil ?? flaw.contrast) : flaw.contrast;
  const contrast = own * onDark * (finding.touchedIn ? notice.touchedIn : 1) * (ground.metallic ? notice.metallic : 1);
  const place = notice.places[zone.slug] ?? notice.places[partOf(zone.slug)] ?? 1;
  const size = looksMm(finding, flaw, zone.areaM2);
  const metres =
    notice.mPerRootMm * contrast ** notice.byContrast * size ** notice.bySize * finding.count ** notice.byCount * place;
  return Math.min(notice.farthestM, metres);
}

/**
 * How much farther (above 1) or nearer faults show on this car than the model says, from the findings whose distance the
 * inspector stated: the geometric mean of stated against modelled, shrunk towards 1 by as many findings as the model
 * counts for, bounded. 1 without any: light and gloss of the day are then unknown.
 */
export function noticeCorrection(pairs: readonly { stated: number; modelled: number }[], notice: Notice): number {
  const logs = pairs.flatMap((p) => (p.stated > 0 && p.modelled > 0 ? [Math.log(p.stated / p.modelled)] : []));
  const mean = logs.reduce((a, b) => a + b, 0) / (logs.length + notice.modelCounts);
  const most = Math.log(notice.mostCorrection);
  return Math.exp(Math.min(most, Math.max(-most, mean)));
}

/** How near one may come before the outside shows a fault, from all findings on it: several show farther than one. */
export function presentsCleanFrom(plan: Plan, records: readonly AnyRecord[], { notice }: GradeTables): Presents {
  const car = recordsOf(records, 'car')[0]?.body;
  const lightness = lightnessOf(car?.colour ?? '');
  const ground = {
    metallic: car?.paintType === 'metallic',
    dark: lightness !== null && lightness < notice.darkBelowL,
  };
  const outside = recordsOf(records, 'finding').flatMap((f) => {
    const zone = plan.zones.get(f.body.zone);
    if (zone?.view !== 'outside') return [];
    return [
      {
        f,
        stated: f.body.visibleFromM,
        modelled: noticedFromM({ ...f.body, visibleFromM: null }, zone, ground, notice),
      },
    ];
  });
  const correction = noticeCorrection(
    outside.flatMap(({ stated, modelled }) => (stated === null ? [] : [{ stated, modelled }])),
    notice,
  );
  let best: Presents = { metres: 0, finding: null };
  let together = 0;
  for (const { f, stated, modelled } of outside) {
    const metres = stated ?? Math.min(notice.farthestM, modelled * correction);
    together += metres ** notice.together;
    if (metres > best.metres) best = { metres, finding: f.id };
  }
  const all = Math.min(notice.farthestM, together ** (1 / notice.together));
  return { ...best, metres: Math.round(all * 10) / 10 };
}
