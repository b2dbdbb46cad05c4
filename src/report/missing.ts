import type { Plan } from '@/core/body/plan';
import { type CorrectionResult, correctionOf } from '@/core/gauge/correction';
import type { Coverage } from '@/core/grade/coverage';
import type { AnyRecord } from '@/core/kinds';
import type { PaintAnalysis } from '@/core/paint/analyse';
import { gaugeCanRead, readingsNeeded } from '@/core/paint/sampling';
import { pairOf } from '@/core/photo/pairs';
import { recordsOf } from '@/core/records/reduce';

/** Something a bidder would ask and the report does not yet answer. `blocks`: the report cannot be sealed so. */
export interface Missing {
  readonly kind:
    | 'no-car'
    | 'no-chassis-number'
    | 'no-visit'
    | 'no-temperature'
    | 'gauge-not-checked'
    | 'gauge-drifted'
    | 'practice-readings'
    | 'gauge-not-stated'
    | 'view-unseen'
    | 'panels-thin'
    | 'finding-without-photo'
    | 'finding-without-overview'
    | 'no-photos'
    | 'no-leave';
  readonly blocks: boolean;
  readonly detail: string;
  readonly count: number;
}

const isDrifted = (c: CorrectionResult) => c.ok && c.drifted;

/** What is missing before the report goes out, blocking ones first. */
export function missingFrom(
  plan: Plan | null,
  records: readonly AnyRecord[],
  coverage: Coverage | null,
  paint: PaintAnalysis | null,
): Missing[] {
  const list: Missing[] = [];
  const add = (kind: Missing['kind'], blocks = false, detail = '', count = 1) =>
    list.push({ kind, blocks, detail, count });
  const car = recordsOf(records, 'car')[0]?.body;
  const visits = recordsOf(records, 'visit').map((v) => v.body);
  const readings = recordsOf(records, 'reading');
  if (!car || !plan) add('no-car', true);
  if (visits.length === 0) add('no-visit', true);
  if (car && !car.chassisNumber) add('no-chassis-number');
  if (car && Object.values(car.leave).some((l) => l === 'not-asked')) add('no-leave');
  if (readings.length > 0) {
    const gauges = visits.flatMap((v) => (v.gauge ? [v.gauge] : []));
    const stated = new Set(recordsOf(records, 'visit').flatMap((v) => (v.body.gauge ? [v.id] : [])));
    // A reading that names no visit is taken with the gauge of the only one.
    const withoutGauge = readings.filter(({ body }) =>
      body.visit === null ? gauges.length === 0 : !stated.has(body.visit),
    ).length;
    if (withoutGauge > 0) add('gauge-not-stated', true, '', withoutGauge);
    if (gauges.some((g) => g.checks.length === 0)) add('gauge-not-checked');
    if (visits.some((v) => v.temperatureC === null)) add('no-temperature');
    if (gauges.some((g) => isDrifted(correctionOf(g.checks)))) add('gauge-drifted');
    const practice = readings.filter((r) => r.body.origin === 'practice').length;
    if (practice > 0) add('practice-readings', true, '', practice);
  }
  if (coverage)
    for (const [view, share] of Object.entries(coverage.byView))
      if (share.cells > 0 && share.seen === 0) add('view-unseen', false, view, share.cells);
  if (plan && paint) {
    const enough = new Set(paint.zones.filter((z) => z.enough).map((z) => z.zone));
    const thin = [...plan.zones.values()].filter(
      (z) =>
        z.view === 'outside' &&
        z.aspects.includes('paint') &&
        gaugeCanRead(z.metal) &&
        readingsNeeded(z.areaM2) > 0 &&
        !enough.has(z.slug),
    );
    if (thin.length > 0) add('panels-thin', false, thin[0]!.slug, thin.length);
  }
  const pictured = new Set(recordsOf(records, 'photo').map((p) => p.body.finding));
  const bare = recordsOf(records, 'finding').filter((f) => !pictured.has(f.id) && f.body.photos.length === 0);
  const alone = recordsOf(records, 'finding').filter((f) => {
    const pair = pairOf(f, recordsOf(records, 'photo'));
    return pair.near.length > 0 && pair.far === null;
  });
  if (alone.length > 0) add('finding-without-overview', false, alone[0]!.body.zone, alone.length);
  if (bare.length > 0) add('finding-without-photo', false, bare[0]!.body.zone, bare.length);
  if (recordsOf(records, 'photo').length === 0) add('no-photos');
  return list.sort((a, b) => Number(b.blocks) - Number(a.blocks));
}
