import { renderToStaticMarkup } from 'react-dom/server';
import { planOf } from '@/core/body/plan';
import { coverageOf } from '@/core/coverage/coverage';
import type { AnyRecord } from '@/core/kinds';
import { analysePaint } from '@/core/paint/analyse';
import { DEFAULT_PROFILES } from '@/core/paint/profiles';
import { PlanDrawing } from './plan-drawing';
import { rampColour } from './ramp';
import { coverageLooks, findingPins, medianLabel, paintLooks } from './zone-looks';

const plan = planOf('fastback')!;
const AT = '2027-02-10T09:00:00Z';
let n = 0;
const record = (kind: string, body: object) =>
  ({ id: `01890000-0000-7000-8000-${String(++n).padStart(12, '0')}`, kind, version: 1, body }) as AnyRecord;
const look = (zone: string, outcome: 'clean' | 'blocked') =>
  record('look', {
    zone,
    aspect: plan.zones.get(zone)!.aspects[0],
    outcome,
    why: outcome === 'blocked' ? 'wet' : null,
    note: '',
    at: AT,
  });
const film = (zone: string, ...values: (number | 'over')[]) =>
  values.map((v) => ({
    zone,
    state: v === 'over' ? ('over' as const) : ('read' as const),
    thicknessUm: v === 'over' ? 500 : v,
    place: null,
  }));

describe('ramp', () => {
  const lightness = (um: number) => Number(/oklch\(([\d.]+)/.exec(rampColour(um).fill)![1]);
  it('darkens evenly with thickness, so that it reads in grey', () => {
    const steps = [40, 110, 180, 250, 330, 420, 500].map(lightness);
    expect([...steps].sort((a, b) => b - a)).toEqual(steps);
    expect(lightness(20)).toBe(lightness(40));
    expect(lightness(5000)).toBe(lightness(500));
  });
  it('writes dark on light and light on dark', () => {
    expect(rampColour(120).text).not.toBe(rampColour(480).text);
  });
});

describe('how zones look', () => {
  const records = [look('roof', 'clean'), look('deck', 'blocked')];
  const coverage = coverageOf(plan, records);
  const zones = analysePaint({
    readings: [...film('hood', 120, 124, 118), ...film('quarter.left', 'over', 'over', 430)],
    profiles: DEFAULT_PROFILES,
    plan,
  }).zones;

  it('draws unseen as bare paper, blocked struck through, seen solid', () => {
    const looks = coverageLooks(plan, coverage);
    expect(looks.get('hood')).toEqual({ unseen: true, blocked: false });
    expect(looks.get('deck')).toEqual({ unseen: true, blocked: true });
    expect(looks.get('roof')).toEqual({ unseen: false, blocked: false });
  });

  it('fills measured zones by thickness and hatches those above the ceiling', () => {
    const looks = paintLooks(plan, zones, coverage, 'um');
    expect(looks.get('hood')).toMatchObject({ label: '121', hatched: false });
    expect(looks.get('quarter.left')).toMatchObject({ label: '≥ 500', hatched: true });
    expect(looks.get('roof')!.label).toBeUndefined();
    expect(paintLooks(plan, zones, coverage, 'mil').get('hood')!.label).toBe('4.8');
    expect(medianLabel({ n: 0, medianUm: { value: null, low: null, high: null, n: 0 } }, 'um')).toBe('');
  });

  it('turns findings into pins with their family and severity', () => {
    const [pin] = findingPins([
      record('finding', {
        zone: 'hood',
        flaw: 'chip',
        count: 3,
        sizeMm: 2,
        share: null,
        touchedIn: false,
        place: { uMm: 10, vMm: 20 },
      }),
    ]);
    expect(pin).toMatchObject({ zone: 'hood', family: 'finish', place: { uMm: 10, vMm: 20 } });
    expect(pin!.severity).toBeGreaterThan(0);
  });
});

describe('drawing', () => {
  const draw = (props: object = {}) =>
    renderToStaticMarkup(
      <PlanDrawing plan={plan} view="outside" looks={new Map()} nameOf={(z) => z} title="Plan" {...props} />,
    );
  it('draws every zone of the view once, named for who cannot see it', () => {
    const svg = draw();
    for (const slug of plan.lap.outside) expect(svg.split(`data-zone="${slug}"`)).toHaveLength(2);
    expect(svg).not.toContain('data-zone="tank"');
    expect(draw({ view: 'underneath' })).toContain('data-zone="tank"');
  });
  it('says in words what it shows', () => {
    const looks = new Map([['hood', { unseen: true, blocked: true, label: '131' }]]);
    expect(draw({ looks })).toContain('aria-label="hood, 131, not seen, blocked"');
  });
  it('is a picture without an action, and buttons with one', () => {
    expect(draw()).not.toContain('role="button"');
    expect(draw({ onZone: () => {}, selected: 'roof' })).toContain('aria-pressed="true"');
  });
  it('numbers pins for a report and draws only those of its view', () => {
    const pins = [
      { id: 'a', zone: 'hood', place: { uMm: 100, vMm: 100 }, family: 'finish', severity: 0.5, number: 17 },
      { id: 'b', zone: 'tank', place: null, family: 'metal', severity: 0.5, number: 18 },
    ];
    expect(draw({ pins })).toContain('>17<');
    expect(draw({ pins })).not.toContain('>18<');
  });
  it('writes names on inner views where they fit', () => {
    expect(
      draw({ view: 'cabin', named: true, nameOf: (z: string) => (z === 'seat.rear' ? 'Rear seat' : '') }),
    ).toContain('Rear seat');
  });
});
