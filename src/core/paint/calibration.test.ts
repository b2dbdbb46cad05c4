import { normalDraw, type Random, seeded } from '../stats/random';
import { analysePaint } from './analyse';
import type { FilmReading } from './film-reading';
import { DEFAULT_PROFILES, PAINT_STATES, type PaintProfile, type PaintState } from './profiles';

const PANELS = [
  'hood',
  'roof',
  'deck',
  'fender.left',
  'fender.right',
  'door.left.front',
  'door.right.front',
  'quarter.left',
];
const CEILING = 500;

/** A panel whose state, level and spread are drawn as the school believes them. */
function drawPanel(profile: PaintProfile, random: Random): { state: PaintState; median: number; spread: number } {
  const total = PAINT_STATES.reduce((s, st) => s + profile.states[st].prior, 0);
  const at = random() * total;
  let before = 0;
  const state =
    PAINT_STATES.find((st) => {
      before += profile.states[st].prior;
      return at <= before;
    }) ?? 'filled';
  const b = profile.states[state];
  return {
    state,
    median: Math.exp(Math.log(b.medianUm) + Math.log(b.medianFactor) * normalDraw(random)),
    spread: Math.exp(Math.log(b.spread) + Math.log(b.spreadFactor) * normalDraw(random)),
  };
}

it.each(DEFAULT_PROFILES.map((p) => [p.id, p] as const))('is calibrated under the %s school', (id, profile) => {
  const random = seeded(91);
  const bins = new Map<number, { said: number; true: number; n: number }>();
  for (let car = 0; car < 160; car++) {
    const truths = new Map(PANELS.map((zone) => [zone, drawPanel(profile, random)]));
    const readings = [...truths].flatMap(([zone, t]): FilmReading[] =>
      Array.from({ length: 6 }, () => {
        const um = t.median * Math.exp(t.spread * normalDraw(random));
        return { zone, state: um >= CEILING ? 'over' : 'read', thicknessUm: Math.min(um, CEILING), place: null };
      }),
    );
    for (const z of analysePaint({ readings, profiles: [profile], plan: null }).zones) {
      const truth = truths.get(z.zone)!.state;
      for (const state of PAINT_STATES) {
        const p = z.state![id]![state];
        const bin = Math.min(9, Math.floor(p * 10));
        const b = bins.get(bin) ?? { said: 0, true: 0, n: 0 };
        bins.set(bin, { said: b.said + p, true: b.true + Number(truth === state), n: b.n + 1 });
      }
    }
  }
  // Of panels called 70 to 80 % something, about that share are; so in every tenth with enough of them.
  for (const [bin, b] of bins) {
    if (b.n < 25) continue;
    const [said, seen] = [b.said / b.n, b.true / b.n];
    const luck = 3 * Math.sqrt((said * (1 - said)) / b.n) + 0.02;
    expect([bin, Math.abs(said - seen) < luck, said, seen]).toEqual([bin, true, said, seen]);
  }
  expect(bins.get(7)!.n).toBeGreaterThan(10);
});

it('pulls a panel with one reading towards the car, but not one that plainly differs', () => {
  const even = PANELS.slice(0, 6).flatMap((zone) =>
    [118, 122, 125, 119, 127, 121].map((um): FilmReading => ({ zone, state: 'read', thicknessUm: um, place: null })),
  );
  const one = (um: number): FilmReading => ({ zone: 'quarter.left', state: 'read', thicknessUm: um, place: null });
  const judged = (um: number) =>
    analysePaint({ readings: [...even, one(um)], profiles: DEFAULT_PROFILES, plan: null }).zones.find(
      (z) => z.zone === 'quarter.left',
    )!.medianUm;
  const [near, far] = [judged(135), judged(420)];
  expect(near.value!).toBeLessThan(134);
  expect(near.high! / near.low!).toBeLessThan(1.5);
  expect(far.value!).toBeGreaterThan(330);
});
