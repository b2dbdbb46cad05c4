import { normalDraw, seeded } from '../stats/random';
import { gaussianLowPass, withoutShape } from './profile-filter';
import { wavesOf } from './waves';

const { exp, min, sin } = Math;

interface Scene {
  readonly width?: number;
  readonly height?: number;
  readonly pitch?: number;
  /** Bending of the stripes in px at a column. */
  readonly bend?: (x: number) => number;
  readonly noise?: number;
  readonly soft?: number;
  readonly dark?: number;
  readonly light?: number;
  readonly seed?: number;
  readonly upright?: boolean;
}

/** A photograph of the reflection of a board with level stripes, as a known surface bends it. */
function stripes(s: Scene) {
  const { width = 900, height = 260, pitch = 40, bend = () => 0, noise = 2, soft = 1.5, dark = 60, light = 190 } = s;
  const random = seeded(s.seed ?? 1);
  const at = (x: number, y: number) => {
    // Distance to the nearest stripe edge, signed: an edge every half pitch.
    const phase = (((y - bend(x)) % pitch) + pitch) % pitch;
    const inside = phase < pitch / 2 ? min(phase, pitch / 2 - phase) : -min(phase - pitch / 2, pitch - phase);
    return dark + (light - dark) / (1 + exp((-2.2 * inside) / soft));
  };
  const [w, h] = s.upright ? [height, width] : [width, height];
  const data = new Uint8ClampedArray(w * h * 4);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const v = (s.upright ? at(y, x) : at(x, y)) + noise * normalDraw(random);
      data.set([v, v, v, 255], (y * w + x) * 4);
    }
  return { data, width: w, height: h };
}

const all = (p: { width: number; height: number }) => ({ x: 0, y: 0, width: p.width, height: p.height });
const read = (s: Scene, lengthMm = 300) => {
  const picture = stripes(s);
  return wavesOf(picture, all(picture), lengthMm);
};
const sine = (amplitudePx: number, wavePx: number) => (x: number) => amplitudePx * sin((2 * Math.PI * x) / wavePx);

describe('profile filter', () => {
  it('passes half of a wave as long as its cut-off and nearly all of one ten times as long (ISO 16610-21)', () => {
    const gain = (wave: number, cutOff: number) => {
      const profile = Array.from({ length: 4000 }, (_, i) => Math.sin((2 * Math.PI * i) / wave));
      return Math.max(...gaussianLowPass(profile, 1, cutOff).slice(1500, 2500));
    };
    expect(gain(100, 100)).toBeCloseTo(0.5, 2);
    expect(gain(200, 200)).toBeCloseTo(0.5, 2);
    // Transmission exp(−π (α λc/λ)²): 0.993 at ten times, 0.0625 at half the cut-off.
    expect(gain(1000, 100)).toBeCloseTo(0.993, 2);
    expect(gain(50, 100)).toBeCloseTo(0.0625, 2);
  });

  it('leaves nothing of a cubic and all of what is orthogonal to it', () => {
    const cubic = Array.from({ length: 50 }, (_, i) => 3 - 0.2 * i + 0.01 * i ** 2 - 0.0003 * i ** 3);
    expect(Math.max(...withoutShape(cubic, 3).map(Math.abs))).toBeLessThan(1e-9);
    const alternating = Array.from({ length: 50 }, (_, i) => (i % 2 ? 1 : -1));
    const left = withoutShape(alternating, 3);
    expect(Math.sqrt(left.reduce((s, v) => s + v * v, 0) / 50)).toBeGreaterThan(0.97);
    expect(() => withoutShape([1, 2, 3], 3)).toThrow('more points');
  });
});

describe('waves from reflected stripes', () => {
  // 900 px over 300 mm: 3 px to a millimetre.
  it('finds the root mean square of a 40 mm wave in the long band and little in the short', () => {
    const found = read({ bend: sine(3, 120) });
    if (!found.ok) throw new Error(found.reason);
    // 1 mm of amplitude is 0.707 mm rms; the two filters pass 0.89 × 0.96 of it at 40 mm.
    const passed =
      Math.exp((-Math.PI * (0.4697 * 10) ** 2) / 40 ** 2) - Math.exp((-Math.PI * (0.4697 * 100) ** 2) / 40 ** 2);
    expect(found.longMm.value! / (Math.SQRT1_2 * passed)).toBeGreaterThan(0.93);
    expect(found.longMm.value! / (Math.SQRT1_2 * passed)).toBeLessThan(1.07);
    expect(found.shortMm.value!).toBeLessThan(0.15);
    expect(found.edges.length).toBeGreaterThan(8);
    expect(found.pxPerMm).toBeCloseTo(3, 6);
  });

  it('finds orange peel of 6 mm in the short band', () => {
    const found = read({ bend: sine(0.9, 18) });
    if (!found.ok) throw new Error(found.reason);
    // 0.3 mm of amplitude; a wave of 6 mm passes the short band by 0.86.
    expect(found.shortMm.value!).toBeGreaterThan(0.16);
    expect(found.shortMm.value!).toBeLessThan(0.22);
    expect(found.longMm.value!).toBeLessThan(0.06);
  });

  it('is less sure of a panel that is wavy at one end only', () => {
    const spread = (s: Scene) => {
      const found = read(s);
      if (!found.ok) throw new Error(found.reason);
      return (found.longMm.high! - found.longMm.low!) / found.longMm.value!;
    };
    const all = spread({ bend: sine(3, 120) });
    const oneEnd = spread({ bend: (x) => (x > 600 ? sine(5, 120)(x) : 0) });
    expect(oneEnd).toBeGreaterThan(3 * all);
  });

  it('takes a smooth curve of the panel for its shape, not for waves', () => {
    const flat = read({});
    const curved = read({ bend: (x) => 18 * ((x - 450) / 450) ** 2 + 6 * ((x - 450) / 450) ** 3 });
    if (!flat.ok || !curved.ok) throw new Error('refused');
    expect(curved.longMm.value!).toBeLessThan(flat.longMm.value! + 0.03);
  });

  it('ranks panels by their waves whatever the light, the seed and which way the stripes stand', () => {
    const wavy = (amplitude: number, extra: Scene) => {
      const found = read({ bend: sine(amplitude, 150), ...extra });
      if (!found.ok) throw new Error(found.reason);
      return found.longMm;
    };
    const smooth = wavy(0.6, { seed: 3, light: 230, dark: 90 });
    const middling = wavy(1.5, { seed: 4, noise: 4, upright: true });
    const rough = wavy(4, { seed: 5, light: 150, dark: 70 });
    expect(smooth.high!).toBeLessThan(middling.low!);
    expect(middling.high!).toBeLessThan(rough.low!);
  });

  it('gives edges in the photograph’s own px, where they are drawn', () => {
    const picture = stripes({ bend: sine(3, 120) });
    const found = wavesOf(picture, { x: 60, y: 40, width: 780, height: 200 }, 260);
    if (!found.ok) throw new Error(found.reason);
    for (const edge of found.edges)
      for (const [x, y] of edge.filter((_, i) => i % 50 === 0)) {
        const phase = (y - sine(3, 120)(x)) / 20;
        expect(Math.abs(phase - Math.round(phase)) * 20).toBeLessThan(0.8);
      }
  });

  it.each([
    ['nothing but paint', { dark: 120, light: 120 }, 300, 'no-stripes'],
    ['stripes out of focus', { soft: 9 }, 300, 'blurred'],
    ['stripes finer than the picture', { pitch: 6, soft: 0.5 }, 300, 'too-coarse'],
    ['a stretch from too far away', {}, 900, 'too-coarse'],
    ['a stretch too short for long waves', {}, 120, 'too-short'],
    ['a lamp in the reflection', { dark: 258, light: 320 }, 300, 'burnt-out'],
  ] as const)('refuses %s', (_name, scene, lengthMm, reason) => {
    expect(read(scene, lengthMm)).toEqual({ ok: false, reason });
  });

  it('refuses a stretch that leaves the photograph', () => {
    const picture = stripes({});
    expect(wavesOf(picture, { x: 500, y: 0, width: 500, height: 200 }, 300)).toEqual({ ok: false, reason: 'outside' });
  });
});
