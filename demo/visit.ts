import { type RecordKind, schemaNumber } from '@/core/kinds';
import type { BlockedBy } from '@/core/kinds/look';
import { boxOf, contains, distanceToOutline, type Point } from '../src/core/body/geometry';
import type { PlanOptions } from '../src/core/body/plan';
import { planOf, toPanel } from '../src/core/body/plan';
import type { Aspect, View, Zone } from '../src/core/body/zone';
import type { Change } from '../src/core/records/change';
import { type Random, seeded } from '../src/core/stats/random';
import { type CarTruth, gaugeShows } from './truth';

/** Ids that are the same at every seeding: a version 7 shape filled from a counter. */
export function demoIds(lot: number): () => string {
  let n = 0;
  return () => {
    n++;
    return `0194${String(lot).padStart(4, '0')}-0000-7000-8000-${n.toString(16).padStart(12, '0')}`;
  };
}

/** Collects what an inspector enters on one visit, in order, as changes for the gateway. */
export class DemoVisit {
  readonly changes: Change[] = [];
  readonly findings: { id: string; zone: string; flaw: string }[] = [];
  /** The first turn of the key. */
  turnedAt = '';
  /** Records of fluids, by what they are of. */
  readonly fluids = new Map<string, string>();
  private readonly random: Random;
  private minutes = 0;

  constructor(
    readonly nextId: () => string,
    readonly startedAt: Date,
    readonly plan: NonNullable<ReturnType<typeof planOf>>,
    seed: number,
  ) {
    this.random = seeded(seed);
  }

  static planFor(style: string, options: PlanOptions): NonNullable<ReturnType<typeof planOf>> {
    const plan = planOf(style, options);
    if (!plan) throw new Error(`the demo names a style without a plan: ${style}`);
    return plan;
  }

  at(): string {
    this.minutes += 0.4;
    return new Date(this.startedAt.getTime() + this.minutes * 60_000).toISOString();
  }

  put(kind: RecordKind, body: object, record = this.nextId()): string {
    this.changes.push({
      id: this.nextId(),
      op: 'put',
      kind,
      record,
      schema: schemaNumber(kind),
      base: 0,
      body: body as Record<string, unknown>,
    });
    return record;
  }

  look(zone: string, aspect: Aspect, why: BlockedBy | null = null, note = ''): void {
    this.put('look', { zone, aspect, outcome: why ? 'blocked' : 'clean', why, note, at: this.at() });
  }

  /** Looks at everything in a view that has no finding yet, but for the zones named. */
  clean(view: View, except: readonly string[] = []): void {
    for (const slug of this.plan.lap[view]) {
      if (except.includes(slug)) continue;
      for (const aspect of this.plan.zones.get(slug)!.aspects) this.look(slug, aspect);
    }
  }

  blocked(zones: readonly string[], why: BlockedBy, note = ''): void {
    for (const zone of zones)
      for (const aspect of this.plan.zones.get(zone)!.aspects) this.look(zone, aspect, why, note);
  }

  finding(zone: string, flaw: string, extra: object = {}): string {
    const planned = this.plan.zones.get(zone)!;
    const place = toPanel(planned, this.placeIn(planned));
    const id = this.put('finding', {
      zone,
      flaw,
      place: { uMm: Math.round(place.uMm), vMm: Math.round(place.vMm) },
      at: this.at(),
      ...extra,
    });
    this.findings.push({ id, zone, flaw });
    return id;
  }

  /** Tests of the metal somewhere on a panel. */
  metal(zone: string, where: string, results: object): void {
    const planned = this.plan.zones.get(zone)!;
    const place = toPanel(planned, this.placeIn(planned));
    this.put('spot', {
      zone,
      where,
      place: { uMm: Math.round(place.uMm), vMm: Math.round(place.vMm) },
      ...results,
      at: this.at(),
    });
  }

  readings(
    zone: string,
    n: number,
    truth: CarTruth,
    ceilingUm: number,
    visit: string,
    unit: 'um' | 'mil' = 'um',
  ): void {
    const planned = this.plan.zones.get(zone)!;
    for (let i = 0; i < n; i++) {
      const shown = gaugeShows(truth, zone, ceilingUm, this.random);
      const place = toPanel(planned, this.placeIn(planned));
      const mil = Math.round((shown.thicknessUm / 25.4) * 10) / 10;
      const typed = shown.state === 'over' ? 'over' : unit === 'mil' ? String(mil) : String(shown.thicknessUm);
      this.put('reading', {
        zone,
        state: shown.state,
        thicknessUm: shown.state === 'read' && unit === 'mil' ? mil * 25.4 : shown.thicknessUm,
        typed: { text: typed, unit },
        place: { uMm: Math.round(place.uMm), vMm: Math.round(place.vMm) },
        visit,
        at: this.at(),
      });
    }
  }

  private placeIn(zone: Zone): Point {
    const box = boxOf(zone.outline);
    for (let i = 0; i < 60; i++) {
      const p: Point = [
        box.minX + (box.maxX - box.minX) * this.random(),
        box.minY + (box.maxY - box.minY) * this.random(),
      ];
      if (contains(zone.outline, p) && distanceToOutline(zone.outline, p) > Math.min(60, Math.sqrt(zone.areaM2) * 60))
        return p;
    }
    return zone.label;
  }
}
