import { createHash } from 'node:crypto';
import { planOf } from '../src/core/body/plan';
import { checkChange } from '../src/core/records/check-change';
import { seeded } from '../src/core/stats/random';
import { LOTS } from './lots';
import { MAKES } from './makes';
import { drawPicture, type Subject } from './pictures';
import { gaugeShows, TRUTHS } from './truth';
import { DemoVisit, demoIds } from './visit';
import { FACTS, visitBegun, visitHalf, visitLot1, visitLot6, visitLot8 } from './visits';
import { visitLot2, visitLot3, visitLot4, visitLot5, visitLot7 } from './visits-more';

const WALKS = {
  1: visitLot1,
  2: visitLot2,
  3: visitLot3,
  4: visitLot4,
  5: visitLot5,
  7: visitLot7,
  6: visitLot6,
  8: visitLot8,
  9: visitHalf,
  11: visitBegun,
} as const;

it('lists 24 lots of the made-up makes, each once', () => {
  expect(LOTS.map((l) => l.number)).toEqual(Array.from({ length: 24 }, (_, i) => i + 1));
  for (const lot of LOTS) expect(MAKES[lot.make]).toBeDefined();
  expect(LOTS.filter((l) => l.stage === 'full').map((l) => l.number)).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
  for (const lot of LOTS) expect([lot.number, planOf(lot.style) !== null]).toEqual([lot.number, true]);
});

it.each(Object.keys(WALKS).map(Number))('enters only what the gateway takes: lot %i', (number) => {
  const lot = LOTS.find((l) => l.number === number)!;
  const visit = new DemoVisit(
    demoIds(number),
    new Date('2027-02-10T08:30:00Z'),
    DemoVisit.planFor(lot.style, {}),
    number,
  );
  const orders = WALKS[number as keyof typeof WALKS](visit, lot, demoIds(99)());
  expect(visit.changes.length).toBeGreaterThan(10);
  for (const change of visit.changes) {
    const checked = checkChange(change, { style: lot.style });
    expect(checked.ok ? '' : `${checked.rejection.path}: ${checked.rejection.message}`).toBe('');
  }
  expect(new Set(visit.changes.map((c) => c.id)).size).toBe(visit.changes.length);
  for (const order of orders) if (order.finding !== null) expect(visit.findings[order.finding]!.zone).toBe(order.zone);
  expect(FACTS[number]).toBeDefined();
});

it('reads thickness from the hidden truth', () => {
  const random = seeded(4);
  const shown = (zone: string) => Array.from({ length: 400 }, () => gaugeShows(TRUTHS[1]!, zone, 500, random));
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
