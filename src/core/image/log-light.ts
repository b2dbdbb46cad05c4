import type { Pixels } from './pixels';

/** A picture's logarithms of light: how bright, how much redder than green, how much greener than blue. Row by row. */
export interface LogLight {
  readonly light: Float32Array;
  readonly redness: Float32Array;
  readonly yellowness: Float32Array;
  readonly width: number;
  readonly height: number;
}

/** Linear light (0 to 1) below which a sensor's dark tells nothing; house value. */
const DARK = 0.004;

/** sRGB coded values 0 to 255 as linear light (IEC 61966-2-1). */
export const LINEAR = Float32Array.from({ length: 256 }, (_, v) => {
  const c = v / 255;
  return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
});
const LOG = Float32Array.from(LINEAR, (v) => Math.log(v + DARK));

// Looked up once: it runs for every pixel.
const { exp } = Math;
/** Shares of the three logarithms that make up how bright a pixel is. */
const [RED, GREEN, BLUE] = [0.3, 0.6, 0.1] as const;

/** Linear light of three channels from its three logarithms: light = RED·ln R + GREEN·ln G + BLUE·ln B, the shares summing to 1. */
export function linearLight(light: number, redness: number, yellowness: number, into: Float32Array): void {
  // ln R = ln G + redness, ln B = ln G − yellowness.
  const green = light - RED * redness + BLUE * yellowness;
  into[0] = exp(green + redness);
  into[1] = exp(green);
  into[2] = exp(green - yellowness);
}

/** Light and chroma of every pixel as logarithms of linear light: shade and slope of the light move the first alone. */
export function logLightOf({ data, width, height }: Pixels): LogLight {
  const n = width * height;
  const [light, redness, yellowness] = [new Float32Array(n), new Float32Array(n), new Float32Array(n)];
  for (let i = 0, k = 0; i < n; i++, k += 4) {
    const [r, g, b] = [LOG[data[k]!]!, LOG[data[k + 1]!]!, LOG[data[k + 2]!]!];
    light[i] = RED * r + GREEN * g + BLUE * b;
    redness[i] = r - g;
    yellowness[i] = g - b;
  }
  return { light, redness, yellowness, width, height };
}
