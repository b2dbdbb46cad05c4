import { createHash } from 'node:crypto';
import { differenceCiede2000 } from 'culori';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import type { AnyRecord } from '@/core/kinds';
import { planOf, planOfCar } from '../src/core/body/plan';
import { compareColours } from '../src/core/colour/compare';
import { fitOfCar } from '../src/core/fit/car-fit';
import { measureGap } from '../src/core/fit/gap/measure';
import { BANK_CARD_MM } from '../src/core/fit/gauge-card';
import { DEFAULT_TABLES } from '../src/core/grade/all-tables';
import { gradeCar } from '../src/core/grade/grade';
import { bandName } from '../src/core/grade/whole';
import { judge } from '../src/core/judge/judge';
import { checkChange } from '../src/core/records/check-change';
import { recordsOf as kindOf } from '../src/core/records/reduce';
import { seeded } from '../src/core/stats/random';
import { wavesOf } from '../src/core/waves/waves';
import { seamPlaces } from '../src/instruments/camera';
import { ReportView } from '../src/ui/report/report-view';
import { visitText } from '../src/words/report';
import { PLAIN_WORDING } from '../src/words/vocabulary';
import { recordsOfLot } from './lot-records';
import { LOTS } from './lots';
import { MAKES } from './makes';
import { pixelsOf as pixelsOfBytes } from './measured';
import { drawPicture, GREY_CARD_PLACES, type PictureOrder, STRIPES_PLACE, type Subject, seamScene } from './pictures';
import { LOT_ID, enteredOf as recordsOf, STARTED, snapshotOf, WALKED } from './test-entered';
import { gaugeShows } from './truth';

it('lists 24 lots of the made-up makes, each once', () => {
  expect(LOTS.map((l) => l.number)).toEqual(Array.from({ length: 24 }, (_, i) => i + 1));
  for (const lot of LOTS) expect(MAKES[lot.make]).toBeDefined();
  expect(LOTS.filter((l) => l.stage === 'full').map((l) => l.number)).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
  for (const lot of LOTS) expect([lot.number, planOf(lot.style) !== null]).toEqual([lot.number, true]);
});

it.each(WALKED)('enters only what the gateway takes: lot %i', (number) => {
  const lot = LOTS.find((l) => l.number === number)!;
  const { visit, orders } = recordsOfLot(lot, STARTED, LOT_ID, 'Ilse Brandvik');
  expect(visit.changes.length).toBeGreaterThan(10);
  for (const change of visit.changes) {
    const checked = checkChange(change, { style: lot.style });
    expect(checked.ok ? '' : `${checked.rejection.path}: ${checked.rejection.message}`).toBe('');
  }
  expect(new Set(visit.changes.map((c) => c.id)).size).toBe(visit.changes.length);
  for (const order of orders) if (order.finding !== null) expect(visit.findings[order.finding]!.zone).toBe(order.zone);
  expect(lot.facts).toBeDefined();
});

it.each(WALKED)('is graded as its sentence says: lot %i', (number) => {
  const { lot, records } = recordsOf(number);
  const plan = planOfCar(kindOf(records, 'car')[0]!.body)!;
  const grade = gradeCar(judge({ plan, records, tables: DEFAULT_TABLES }), 2027, DEFAULT_TABLES);
  const { low, value, high } = grade.whole.find((w) => w.lens === 'keeper')!.grade;
  const [from, to] = lot.graded!.keeper;
  expect(lot.graded!.says.length).toBeGreaterThan(30);
  expect([number, value! >= from && value! <= to]).toEqual([number, true]);
  // What is hardly begun is wide, what was seen in full is narrow.
  expect([number, high! - low! > 18]).toEqual([number, lot.stage === 'begun']);
});

it.each(WALKED)('no statement of a report contradicts another: lot %i', (number) => {
  const { lot, records } = recordsOf(number);
  const snapshot = snapshotOf(records);
  const { results } = snapshot;
  const unseen = (zone: string, aspect: string) =>
    results.notSeen.some((n) => n.zone === zone && n.aspects.includes(aspect));
  const of = <K extends AnyRecord['kind']>(kind: K) => kindOf(records, kind);
  // What was measured, found or looked at is not among what was not seen.
  for (const z of results.paint.zones) if (z.n > 0) expect([z.zone, unseen(z.zone, 'paint')]).toEqual([z.zone, false]);
  for (const s of results.fit?.seams ?? [])
    for (const zone of s.seam.split('|')) expect([s.seam, unseen(zone, 'fit')]).toEqual([s.seam, false]);
  for (const l of of('look'))
    if (l.body.outcome === 'clean')
      expect([l.body.zone, l.body.aspect, unseen(l.body.zone, l.body.aspect)]).toEqual([
        l.body.zone,
        l.body.aspect,
        false,
      ]);
  // Readings are told with the gauge that took them.
  const visits = new Map(of('visit').map((v) => [v.id, visitText(v.body)]));
  for (const r of of('reading')) expect(visits.get(r.body.visit!)).not.toContain('No thickness gauge');
  if (of('reading').length > 0) expect(results.paint.zones.length).toBeGreaterThan(0);
  // Shares, bands and gates agree with what they rest on.
  expect(results.coverage.whole.seen === 1).toBe(results.notSeen.length === 0);
  expect(results.gates.includes('structural-loss')).toBe(of('finding').some((f) => f.body.flaw === 'structural-loss'));
  for (const w of results.whole) {
    const { low, value, high } = w.grade;
    expect(low! <= value! && value! <= high!).toBe(true);
    expect(w.band).toBe(bandName(value!));
  }
  for (const a of results.axes) expect([a.axis, a.seen === 0]).toEqual([a.axis, a.grade.n === 0]);
  expect(Object.keys(results.severity!).sort()).toEqual(
    of('finding')
      .map((f) => f.id)
      .sort(),
  );
  // The page says it is the car that was entered, and prints each finding once.
  const page = renderToStaticMarkup(
    createElement(ReportView, {
      snapshot,
      wording: PLAIN_WORDING,
      unit: 'um',
      photos: '/x',
      films: '/y',
      state: 'draft',
    }),
  );
  expect(page).toContain(lot.model);
  expect(page.includes('Every place on the plan was looked at')).toBe(results.notSeen.length === 0);
  expect(page.includes('No panel was measured with a thickness gauge')).toBe(
    results.paint.zones.every((z) => z.n === 0),
  );
  expect(page.match(/Nothing was found/g) === null || of('finding').length === 0).toBe(true);
});

it('reads thickness from the hidden truth', () => {
  const random = seeded(4);
  const shown = (zone: string) => Array.from({ length: 400 }, () => gaugeShows(LOTS[0]!.truth!, zone, 500, random));
  const median = (zone: string) =>
    shown(zone)
      .map((s) => s.thicknessUm)
      .sort((a, b) => a - b)[200]!;
  expect(median('hood')).toBeGreaterThan(115);
  expect(median('hood')).toBeLessThan(127);
  expect(median('door.left.front')).toBeGreaterThan(240);
  const filled = shown('quarter.left');
  expect(filled.filter((s) => s.state === 'over').length / 400).toBeGreaterThan(0.8);
  expect(filled.every((s) => s.thicknessUm <= 500)).toBe(true);
});

it('draws the same picture for the same order, and another for another', async () => {
  const hash = async (subject: Subject, seed: number) => {
    const bytes = await drawPicture({ subject, seed, colour: '#1f3d2c', widthPx: 200, heightPx: 150 });
    return createHash('sha256').update(bytes).digest('hex');
  };
  expect(await hash('chips', 1)).toBe(await hash('chips', 1));
  expect(await hash('chips', 1)).not.toBe(await hash('chips', 2));
  const subjects: Subject[] = [
    'panel',
    'seam',
    'blisters',
    'rust',
    'cracks',
    'chrome',
    'plate',
    'gauge',
    'cabin',
    'scratch',
  ];
  expect(new Set(await Promise.all(subjects.map((s) => hash(s, 3)))).size).toBe(subjects.length);
});

const pixelsOf = async (order: PictureOrder) => pixelsOfBytes(await drawPicture(order));

it('draws stripes whose waves are found as large as they were drawn', async () => {
  const long: number[] = [];
  for (const [seed, wavesMm] of [
    [1, 0.3],
    [2, 0.6],
    [3, 1.5],
  ] as const) {
    const found = wavesOf(await pixelsOf({ subject: 'stripes', seed, colour: '#1f3d2c', wavesMm }), STRIPES_PLACE, 420);
    if (!found.ok) throw new Error(found.reason);
    long.push(found.longMm.value! / (wavesMm * Math.SQRT1_2));
  }
  // A wave of 45 mm passes the long band almost whole, see the filter's own test.
  for (const share of long) {
    expect(share).toBeGreaterThan(0.75);
    expect(share).toBeLessThan(1.1);
  }
});

it('draws two paints beside a grey card that differ as their colours do', async () => {
  const [colour, other] = ['#1f3d2c', '#2b4a37'];
  const { card, a, b } = GREY_CARD_PLACES;
  const found = compareColours(await pixelsOf({ subject: 'grey-card', seed: 1, colour, other }), card, a, b);
  const truth = differenceCiede2000()(colour, other);
  expect(found.ok && Math.abs(found.deltaE.value! - truth)).toBeLessThan(0.8);
  const same = compareColours(await pixelsOf({ subject: 'grey-card', seed: 1, colour, other: colour }), card, a, b);
  expect(same.ok && same.verdict).toBe('not-seen');
});

it('measures a dropped door that adjusting cures, and one whose quarter it does not', () => {
  const verdict = (number: 1 | 2, zone: string) => {
    const { visit, records } = recordsOf(number);
    const panel = fitOfCar(visit.plan, records).panels.find((p) => p.zone === zone)!;
    return panel.fit.ok ? panel.fit.verdict : panel.fit.reason;
  };
  expect(verdict(1, 'door.left.front')).toBe('adjust');
  expect(verdict(1, 'door.right.front')).toBe('good');
  expect(verdict(2, 'door.right.front')).toBe('reshape');
});

it('draws a seam that measures as wide as it was drawn', async () => {
  const order = { subject: 'measured-seam', seed: 7, colour: '#1f3d2c', gapMm: [5.2, 4] } as const;
  const { cardPx, seamPx } = seamPlaces(seamScene(order));
  const found = measureGap(await pixelsOf(order), { cardMm: BANK_CARD_MM, cardPx, seamPx });
  if (!found.ok) throw new Error(found.reason);
  expect(Math.abs(found.meanMm.value! - 4.6)).toBeLessThan(0.25);
  expect(found.stations[0]!.widthMm!.value!).toBeGreaterThan(found.stations.at(-1)!.widthMm!.value! + 0.7);
});
