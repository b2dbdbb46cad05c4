import { wcagContrast } from 'culori';
import { RAMP_LEGEND, rampColour } from './ramp';

/** Lightness, chroma and hue of a colour as it is written. */
const read = (css: string) => /^oklch\(([\d.]+) ([\d.]+) ([\d.]+)\)$/.exec(css)!.slice(1).map(Number);
const lightness = (um: number) => read(rampColour(um).fill)[0]!;

it('gets darker with every micrometre, so that it reads in grey too', () => {
  for (let um = 45; um <= 500; um += 5) expect(lightness(um)).toBeLessThan(lightness(um - 5));
});

it('falls evenly: no step of the legend hides in its neighbour', () => {
  for (let i = 1; i < RAMP_LEGEND.length; i++)
    expect(lightness(RAMP_LEGEND[i - 1]!) - lightness(RAMP_LEGEND[i]!)).toBeGreaterThan(0.05);
});

it('stands still beyond its ends', () => {
  expect(rampColour(0)).toEqual(rampColour(40));
  expect(rampColour(-5)).toEqual(rampColour(40));
  expect(rampColour(5000)).toEqual(rampColour(500));
});

it('keeps figures readable on every fill, by the contrast of WCAG 2.2', () => {
  for (let um = 40; um <= 500; um += 10) {
    const { fill, text } = rampColour(um);
    expect(wcagContrast(fill, text)).toBeGreaterThanOrEqual(4.5);
  }
});
