import { panelStations } from '../src/core/fit/hung-panels';
import { afterMoving } from '../src/core/fit/panel-fit';
import { notches } from '../src/core/fit/seams';
import { normalDraw, seeded } from '../src/core/stats/random';
import type { DemoVisit } from './visit';

/** How a door of a demo car really hangs, and what of its opening is bent: hidden truth, measured with a little noise. */
export interface HungTruth {
  readonly zone: string;
  readonly dxMm?: number;
  readonly dyMm?: number;
  readonly rotMrad?: number;
  readonly dzMm?: number;
  /** Widens or narrows the middle of one seam, mm: no movement takes that away. */
  readonly bulge?: { readonly seam: string; readonly mm: number };
}

const EACH = 5;
const NOISE_MM = 0.12;
const FEELER_MM = 0.05;

/** Enters what a feeler shows round a door, seam by seam. */
export function measureRound(v: DemoVisit, truth: HungTruth, nominalMm: number, seed: number): void {
  const random = seeded(seed);
  const zone = v.plan.zones.get(truth.zone)!;
  const gap = { value: nominalMm, low: nominalMm, high: nominalMm, n: 1 };
  const even = new Map(
    zone.seams.map((seam) => {
      const at = notches(v.plan.seams.get(seam)!.lengthMm, EACH);
      return [seam, { nominalMm, stations: at.map((sMm) => ({ sMm, gap, flushMm: 0, flushSeMm: 0 })) }] as const;
    }),
  );
  const round = panelStations(v.plan, zone, even);
  const x = round.map((s) => s.xMm);
  const y = round.map((s) => s.yMm);
  const pivot = [(Math.min(...x) + Math.max(...x)) / 2, (Math.min(...y) + Math.max(...y)) / 2] as const;
  const { dxMm = 0, dyMm = 0, rotMrad = 0, dzMm = 0 } = truth;
  const moved = round.map((s) =>
    afterMoving(
      { ...s, gapMm: nominalMm, flushMm: 0 },
      { dxMm, dyMm, rotMrad, dzMm, tiltAboutXMrad: 0, tiltAboutYMrad: 0, pivot },
    ),
  );
  zone.seams.forEach((seam, k) => {
    const at = notches(v.plan.seams.get(seam)!.lengthMm, EACH);
    const sign = seam.startsWith(`${truth.zone}|`) ? 1 : -1;
    v.put('gap', {
      seam,
      by: 'feeler',
      stations: at.map((sMm, i) => {
        const m = moved[k * EACH + i]!;
        const bent = truth.bulge?.seam === seam ? truth.bulge.mm * Math.sin((Math.PI * (i + 0.5)) / EACH) ** 2 : 0;
        const read = (mm: number) => Math.round((mm + NOISE_MM * normalDraw(random)) / FEELER_MM) * FEELER_MM;
        return {
          sMm,
          gapMm: Math.max(0, Number(read(m.gapMm! + bent).toFixed(2))),
          flushMm: Number((sign * read(m.flushMm!)).toFixed(2)) + 0,
        };
      }),
      at: v.at(),
    });
  });
}
