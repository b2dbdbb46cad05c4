import { readFileSync } from 'node:fs';
import { canonicalText, sha256Hex } from '@/core/seal/seal';
import { parseEntry } from '@/entry/parse';
import { planOf } from '../src/core/body/plan';
import { measureGap } from '../src/core/fit/gap/measure';
import { type FitStation, fitPanel } from '../src/core/fit/panel-fit';
import { DEFAULT_TABLES } from '../src/core/grade/all-tables';
import { gradeCar } from '../src/core/grade/grade';
import { judge } from '../src/core/judge/judge';
import { analysePaint } from '../src/core/paint/analyse';
import type { FilmReading } from '../src/core/paint/film-reading';
import { panelMap } from '../src/core/paint/panel-map';
import { DEFAULT_PROFILES } from '../src/core/paint/profiles';
import { readBundle } from '../src/core/records/bundle';
import { normalDraw, seeded } from '../src/core/stats/random';
import { drawSeam, PLAIN_SCENE } from '../src/instruments/camera';
import { computerVision, gapByLibrary } from './gap-reference';

/** Median time of several runs in ms, after one to warm up. */
function time(work: () => unknown, runs = 9): number {
  work();
  const times = Array.from({ length: runs }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  });
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)]!;
}

/** The reference of every ratio: a fixed piece of arithmetic (two million draws' worth of logarithms and square roots). */
function reference(): number {
  const random = seeded(1);
  let sum = 0;
  for (let i = 0; i < 1_000_000; i++) sum += normalDraw(random);
  return sum;
}

const plan = planOf('fastback')!;
const panels = [...plan.zones.values()].filter((z) => z.view === 'outside' && z.aspects.includes('paint'));

function readings(n: number): FilmReading[] {
  const random = seeded(n);
  return Array.from({ length: n }, (_, i) => {
    const um = (i % 7 === 0 ? 420 : 125) * Math.exp(0.2 * normalDraw(random));
    return {
      zone: panels[i % panels.length]!.slug,
      state: um >= 500 ? 'over' : 'read',
      thicknessUm: Math.min(500, um),
      place: null,
    } as const;
  });
}

function row(name: string, ms: number, against: number, what: string): void {
  console.log(`${name.padEnd(44)} ${(ms / against).toFixed(3).padStart(9)}  × ${what}`);
}

const read = readBundle(
  JSON.parse(readFileSync(new URL('../docs/formats/examples/lot-1.farvin.json', import.meta.url), 'utf8')),
);
if (!read.ok) throw new Error('the example bundle does not read');
const { records, bundle } = read;
const base = time(reference);
const profiles = DEFAULT_PROFILES;
const [few, many] = [readings(400), readings(4000)];
const small = time(() => analysePaint({ readings: few, profiles, plan }));
const large = time(() => analysePaint({ readings: many, profiles, plan }));
console.log('ratio, median of 9 runs');
row('whole-car paint, 400 readings', small, base, 'a million normal draws');
row('whole-car paint, 4,000 readings', large, small, 'the same with 400 (growth)');
const placed = readings(400).map((r, i) => ({
  ...r,
  place: { uMm: 40 + ((i * 53) % 900), vMm: 30 + ((i * 31) % 500) },
}));
row(
  'next three readings with the analysis, 400 placed',
  time(() => analysePaint({ readings: placed, profiles, plan })),
  base,
  'a million normal draws',
);
const hood = plan.zones.get('hood')!;
const onHood = placed.slice(0, 40).map((r) => ({ ...r, zone: 'hood' }));
row(
  'map of one panel, 40 readings, 200 × 200',
  time(() => panelMap(hood, onHood, Math.log(125), 0.3, 200, 200)),
  base,
  'a million normal draws',
);
row(
  'grade of the example lot',
  time(() => gradeCar(judge({ plan, records, tables: DEFAULT_TABLES }), 2027, DEFAULT_TABLES)),
  base,
  'a million normal draws',
);
const line = 'lq over over 412 388 again 395; hood chip 3 2mm leading edge touched in; blocked trunk no key';
const context = { plan, zone: 'hood', unit: 'um', ceilingUm: 500, steering: 'left', kerb: 'left' } as const;
row(
  'entry line, three sentences, 100 times',
  time(() => Array.from({ length: 100 }, () => parseEntry(line, context))),
  base,
  'a million normal draws',
);
const text = JSON.stringify(bundle);
row(
  'canonical text and hash of the example',
  time(() => sha256Hex(canonicalText(bundle))),
  time(() => JSON.stringify(JSON.parse(text))),
  'parse and stringify of the same',
);

/** A seam photographed with a card, so many px to a millimetre; the taller the picture the longer the seam. */
function seamPhoto(pxPerMm: number, heightMm: number) {
  const widthPx = Math.round(pxPerMm * 140);
  const p = drawSeam({
    ...PLAIN_SCENE,
    pxPerMm,
    widthPx,
    heightPx: Math.round(pxPerMm * heightMm),
    blurPx: pxPerMm / 8,
  });
  return {
    ours: () => measureGap(p.pixels, { cardMm: CARD_MM, cardPx: p.cardPx, seamPx: p.seamPx }),
    library: () => gapByLibrary(cv, p.pixels, CARD_MM, p.cardPx, p.seamPx, pxPerMm),
  };
}
const CARD_MM = [85.6, 53.98] as const;
const { cv } = await computerVision();
const [coarse, fine, long] = [seamPhoto(7, 100), seamPhoto(28.6, 105), seamPhoto(7, 200)];
const small7 = time(coarse.ours, 5);
const large29 = time(fine.ours, 5);
row('gap off a photograph, 7 px/mm, 0.7 megapixels', small7, base, 'a million normal draws');
row('the same at 28.6 px/mm, 12 megapixels', large29, small7, 'the same at 7 px/mm (growth with pixels)');
row('the same with the seam twice as long', time(long.ours, 5), small7, 'the same at 7 px/mm (growth with length)');
row(
  'gap at 7 px/mm, card refined and slot followed',
  small7,
  time(coarse.library, 5),
  'rectify and edges by OpenCV in WebAssembly',
);
row('gap at 28.6 px/mm, 12 megapixels', large29, time(fine.library, 5), 'rectify and edges by OpenCV in WebAssembly');
const library = coarse.library();
if (Math.abs(library - 4.5) > 0.4) throw new Error(`the library finds ${library} mm where 4.5 mm was drawn`);
const stations: FitStation[] = (['front', 'rear', 'top', 'bottom'] as const).flatMap((side) =>
  Array.from({ length: 5 }, (_, i) => ({
    side,
    xMm: side === 'front' ? 1000 : side === 'rear' ? 0 : 100 + 200 * i,
    yMm: side === 'top' ? 900 : side === 'bottom' ? 0 : 100 + 170 * i,
    nominalMm: 4.5,
    gapMm: 4 + ((i * 37) % 10) / 10,
    gapSeMm: 0.15,
    flushMm: ((i * 13) % 7) / 10,
    flushSeMm: 0.15,
  })),
);
row(
  'where a door hangs, 20 stations, 100 times',
  time(() => Array.from({ length: 100 }, () => fitPanel(stations))),
  base,
  'a million normal draws',
);
