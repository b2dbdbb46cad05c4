import { renderToStaticMarkup } from 'react-dom/server';
import { FAMILIES } from '@/core/catalogue/flaws/flaw';
import { DEFAULT_PROFILES } from '@/core/paint/profiles';
import { PinHead } from '../glyphs';
import { EvidenceStamp } from '../parts/evidence-stamp';
import { Chances } from './chances';
import { IntervalBand } from './interval-band';
import { StripPlot } from './strip-plot';

const [survivor, rebuilt] = DEFAULT_PROFILES as [(typeof DEFAULT_PROFILES)[number], (typeof DEFAULT_PROFILES)[number]];
const read = (um: number) => ({ state: 'read' as const, thicknessUm: um });
const over = { state: 'over' as const, thicknessUm: 500 };
const none = { state: 'none' as const, thicknessUm: null };

describe('strip plot', () => {
  const plot = (props: object) =>
    renderToStaticMarkup(<StripPlot readings={[read(120)]} profile={survivor} unit="um" ceilingUm={500} {...props} />);

  it('draws a circle for a value, an open arrow for the ceiling, and nothing for silence', () => {
    const svg = plot({ readings: [read(120), read(131), over, none] });
    expect(svg.match(/<circle/g)).toHaveLength(2);
    expect(svg.match(/Z" fill="var\(--card\)"/g)).toHaveLength(1);
    expect(svg).toContain('4 readings, 1 at the ceiling, 1 without a value');
  });

  it('places values by thickness from left to right', () => {
    const xs = [...plot({ readings: [read(100), read(300)] }).matchAll(/<circle cx="([\d.]+)"/g)].map((m) =>
      Number(m[1]),
    );
    expect(xs[0]!).toBeLessThan(xs[1]!);
    expect((xs[1]! - 6) / (xs[0]! - 6)).toBeCloseTo(3, 6);
  });

  it('marks the twin only where it is known', () => {
    expect(plot({ twinUm: 124 })).toContain('twin');
    expect(plot({ twinUm: null })).not.toContain('twin');
  });

  it('draws the bands of the school and the figures of the unit', () => {
    expect(plot({})).toContain('>resprayed<');
    expect(plot({ profile: rebuilt })).toContain('Readings against the Rebuilt school');
    expect(plot({ unit: 'mil' })).toContain('>19.7<');
    expect(plot({ unit: 'um' })).toContain('>500<');
  });

  it('stretches for a gauge that reads further', () => {
    expect(plot({ ceilingUm: 2000, readings: [read(900)] })).toContain('>1000<');
  });
});

describe('interval band', () => {
  const band = (low: number | null, value: number | null, high: number | null, capped = false) =>
    renderToStaticMarkup(
      <IntervalBand id="t" grade={{ low, value, high }} limits={[25, 45, 62, 78, 90]} label="Grade" capped={capped} />,
    );
  const widthOf = (svg: string) => Number(/width="([\d.]+)" height="[\d.]+" fill="url/.exec(svg)![1]);

  it('is as wide as the doubt', () => {
    expect(widthOf(band(40, 60, 80)) / widthOf(band(50, 60, 70))).toBeCloseTo(2, 6);
  });
  it('spans everything where nothing is known', () => {
    expect(widthOf(band(null, null, null))).toBeGreaterThan(200);
  });
  it('ticks every band limit and marks a cap', () => {
    const [, scale] = /<path d="([^"]+)"/.exec(band(40, 60, 80))!;
    expect([...scale!.matchAll(/M(\d+) [\d.]+V/g)].map((m) => Number(m[1]))).toEqual([50, 90, 124, 156, 180]);
    expect(band(40, 40, 40, true)).toContain('var(--pin)');
    expect(band(40, 60, 80)).not.toContain('var(--pin)');
  });
});

describe('chances', () => {
  it('lists the likeliest first and leaves out what hardly counts', () => {
    const html = renderToStaticMarkup(
      <Chances chances={{ factory: 0.004, resprayed: 0.12, heavy: 0.006, filled: 0.87 }} />,
    );
    expect(html.indexOf('filled')).toBeLessThan(html.indexOf('resprayed'));
    expect(html).not.toContain('factory');
    expect(html).toContain('87 %');
  });
});

describe('pins and stamps', () => {
  it('have a shape of their own for each family', () => {
    const shapes = FAMILIES.map(
      (f) => / d="([^"]+)"/.exec(renderToStaticMarkup(<PinHead family={f} severity={0.5} />))![1],
    );
    expect(new Set(shapes).size).toBe(FAMILIES.length);
  });
  it('fill from below as far as the finding is severe', () => {
    const level = (severity: number) =>
      Number(/<rect x="0" y="([\d.]+)"/.exec(renderToStaticMarkup(<PinHead family="metal" severity={severity} />))![1]);
    expect(level(0.9)).toBeLessThan(level(0.5));
    expect(level(0.5)).toBeLessThan(level(0));
  });
  it('leave a missing part open', () => {
    expect(renderToStaticMarkup(<PinHead family="missing" severity={1} />)).not.toContain('clip-path');
  });
  it('say what they are where they stand alone', () => {
    expect(renderToStaticMarkup(<PinHead family="glass" severity={0.2} title="glass" />)).toContain(
      'aria-label="glass"',
    );
    expect(renderToStaticMarkup(<EvidenceStamp evidence="told" />)).toContain('>told<');
  });
});
