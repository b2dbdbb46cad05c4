import { renderToStaticMarkup } from 'react-dom/server';
import { planOf } from '@/core/body/plan';
import { fitOfCar } from '@/core/fit/car-fit';
import { seamStations } from '@/core/fit/seams';
import { type AnyRecord, KINDS } from '@/core/kinds';
import { SeamMarks } from '../body-plan/seam-marks';
import { rangeOf, SeamProfile } from './seam-profile';

const plan = planOf('fastback')!;
const SEAM = 'door.left.front|fender.left';
const at = (sMm: number, value: number, half = 0.2) => ({
  sMm,
  widthMm: { value, low: value - half, high: value + half, n: 1 },
});

it('shows all places and twice the tolerance', () => {
  const fit = seamStations([at(0, 4.5), at(10, 4.6)]);
  expect(rangeOf([fit])).toEqual([fit.nominalMm - 2 * fit.goodMm, fit.nominalMm + 2 * fit.goodMm].map(Math.round));
  expect(rangeOf([seamStations([at(0, 14)])])[1]).toBe(15);
  expect(rangeOf([seamStations([at(0, 0.1)])])[0]).toBe(0);
});

it('draws a place higher the wider it is, and says every figure', () => {
  const html = renderToStaticMarkup(
    <SeamProfile fit={seamStations([at(0, 4), at(50, 5), at(100, 6)])} label="Door to wing" />,
  );
  const heights = [...html.matchAll(/cy="([\d.]+)"/g)].map((m) => Number(m[1]));
  expect(heights).toHaveLength(3);
  expect(heights[0]! > heights[1]! && heights[1]! > heights[2]!).toBe(true);
  expect(html).toContain('Door to wing: 4.0 mm at 0, 5.0 mm at 50, 6.0 mm at 100');
});

describe('seams on the plan', () => {
  const record = (stations: object[]): AnyRecord =>
    ({
      id: 'g',
      kind: 'gap',
      version: 1,
      body: KINDS.gap.schema.parse({ seam: SEAM, by: 'feeler', stations, at: '2027-02-10T09:00:00Z' }),
    }) as AnyRecord;
  const marks = (stations: object[], props: Partial<Parameters<typeof SeamMarks>[0]> = {}) => {
    const fits = new Map(fitOfCar(plan, [record(stations)]).seams.map((s) => [s.seam, s]));
    return renderToStaticMarkup(
      <svg>
        <title>plan</title>
        <SeamMarks plan={plan} fits={fits} nameOf={(s) => s} {...props} />
      </svg>,
    );
  };
  const notches = (html: string) => html.match(/<circle/g)?.length ?? 0;

  it('say what was measured, and of the others that nothing was', () => {
    const html = marks([{ sMm: 100, gapMm: 4.2, flushMm: -1.3 }]);
    expect(html).toContain(`aria-label="${SEAM}, 4.2 mm"`);
    expect(html.match(/not measured/g)).toHaveLength(plan.seams.size - 1);
    expect(html.match(/stroke-dasharray/g)).toHaveLength(plan.seams.size - 1);
    expect(marks([{ sMm: 100, gapMm: 4.2, flushMm: -1.3 }], { show: 'flush' })).toContain(`${SEAM}, flush -1.3 mm`);
  });

  it('are notched where it was measured, thinned where places stand close', () => {
    const far = [50, 150, 250].map((sMm) => ({ sMm, gapMm: 4 }));
    expect(notches(marks(far))).toBe(3);
    const close = Array.from({ length: 27 }, (_, i) => ({ sMm: 5 * i, gapMm: 4 }));
    expect(notches(marks(close))).toBe(3);
    // A place with only a gap has no notch among the flushness.
    expect(notches(marks(far, { show: 'flush' }))).toBe(0);
  });

  it('are buttons where something happens on one, else pictures', () => {
    const html = marks([{ sMm: 100, gapMm: 4 }]);
    expect(html).not.toContain('role="button"');
    const open = marks([{ sMm: 100, gapMm: 4 }], { onSeam: () => {}, selected: SEAM });
    expect(open.match(/role="button"/g)).toHaveLength(plan.seams.size);
    expect(open.match(/aria-pressed="true"/g)).toHaveLength(1);
  });
});
