import { createRequire } from 'node:module';
import { type Homography, homographyOf, inverse, mapped, type Point } from '../src/core/image/homography';
import type { Pixels } from '../src/core/image/pixels';

/** The parts of the computer-vision library (OpenCV, built for WebAssembly) that the comparison uses. */
interface Mat {
  delete(): void;
  readonly data32F: Float32Array;
}
interface Cv {
  Mat: new () => Mat;
  Size: new (w: number, h: number) => object;
  matFromImageData(image: { data: Uint8ClampedArray; width: number; height: number }): Mat;
  matFromArray(rows: number, cols: number, type: number, values: readonly number[]): Mat;
  cvtColor(from: Mat, to: Mat, code: number): void;
  getPerspectiveTransform(from: Mat, to: Mat): Mat;
  warpPerspective(from: Mat, to: Mat, m: Mat, size: object, flags: number): void;
  GaussianBlur(from: Mat, to: Mat, size: object, sigmaX: number, sigmaY: number): void;
  subtract(a: Mat, b: Mat, to: Mat): void;
  threshold(from: Mat, to: Mat, at: number, to255: number, how: number): void;
  countNonZero(of: Mat): number;
  readonly THRESH_BINARY: number;
  Sobel(from: Mat, to: Mat, depth: number, dx: number, dy: number, size: number): void;
  readonly COLOR_RGBA2GRAY: number;
  readonly CV_32F: number;
  readonly CV_32FC2: number;
  readonly INTER_LINEAR: number;
}

/** The library, ready. Wrapped, because the module object has a `then` and would be unwrapped without end by `await`. */
export async function computerVision(): Promise<{ readonly cv: Cv }> {
  const loaded = createRequire(import.meta.url)('@techstark/opencv-js');
  if (loaded instanceof Promise) return { cv: withoutThen(await loaded) };
  if (!loaded.Mat)
    await new Promise<void>((done) => {
      loaded.onRuntimeInitialized = () => done();
    });
  return { cv: loaded };
}
const withoutThen = (cv: Cv & { then?: unknown }) => {
  delete cv.then;
  return cv;
};

const ACROSS_MM = 22;
const ROW_MM = 0.5;

/**
 * The same rectifying and finding of edges with the library: grey, the strip along the seam by a warp, blur and a derivative
 * across it, the steepest places of each row; then once more along the middle that was found. Mean width, mm. The card's
 * corners are given exactly: this build refines none.
 */
export function gapByLibrary(
  cv: Cv,
  pixels: Pixels,
  cardMm: readonly [number, number],
  cardPx: readonly Point[],
  seamPx: readonly Point[],
  pxPerMm: number,
): number {
  const [w, h] = cardMm;
  const plane: Point[] = [
    [0, 0],
    [w, 0],
    [w, h],
    [0, h],
  ];
  const source = cv.matFromImageData({ ...pixels, data: new Uint8ClampedArray(pixels.data.buffer) });
  const grey = new cv.Mat();
  cv.cvtColor(source, grey, cv.COLOR_RGBA2GRAY);
  const toPicture = homographyOf(plane, cardPx)!;
  const toPlane = inverse(toPicture)!;
  const ends = [mapped(toPlane, ...seamPx[0]!)!, mapped(toPlane, ...seamPx.at(-1)!)!] as const;
  const first = widthsAlong(cv, grey, toPicture, ends, 0, pxPerMm);
  const { meanMm } = widthsAlong(cv, grey, toPicture, ends, first.middleMm, pxPerMm);
  for (const mat of [source, grey]) mat.delete();
  return meanMm;
}

function widthsAlong(
  cv: Cv,
  grey: Mat,
  toPicture: Homography,
  [a, b]: readonly [Point, Point],
  offMm: number,
  pxPerMm: number,
) {
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
  const [nx, ny] = [(b[1] - a[1]) / length, -(b[0] - a[0]) / length];
  const [rows, cols] = [Math.floor(length / ROW_MM), Math.floor(ACROSS_MM * pxPerMm * 2)];
  const at = (p: Point, side: -1 | 1) => {
    const t = offMm + (side * ACROSS_MM) / 2;
    return mapped(toPicture, p[0] + t * nx, p[1] + t * ny)!;
  };
  const from = cv.matFromArray(4, 1, cv.CV_32FC2, [at(a, -1), at(a, 1), at(b, 1), at(b, -1)].flat());
  const to = cv.matFromArray(4, 1, cv.CV_32FC2, [0, 0, cols - 1, 0, cols - 1, rows - 1, 0, rows - 1]);
  const [strip, smooth, slope] = [new cv.Mat(), new cv.Mat(), new cv.Mat()];
  const m = cv.getPerspectiveTransform(from, to);
  cv.warpPerspective(grey, strip, m, new cv.Size(cols, rows), cv.INTER_LINEAR);
  cv.GaussianBlur(strip, smooth, new cv.Size(5, 7), 2, 3);
  cv.Sobel(smooth, slope, cv.CV_32F, 1, 0, 3);
  let [sum, middle] = [0, 0];
  for (let r = 0; r < rows; r++) {
    let [fall, rise] = [0, 0];
    for (let c = 1; c < cols - 1; c++) {
      const v = slope.data32F[r * cols + c]!;
      if (v < slope.data32F[r * cols + fall]!) fall = c;
      if (v > slope.data32F[r * cols + rise]!) rise = c;
    }
    const colMm = ACROSS_MM / (cols - 1);
    sum += (rise - fall) * colMm;
    middle += ((rise + fall) / 2) * colMm - ACROSS_MM / 2;
  }
  for (const mat of [from, to, strip, smooth, slope, m]) mat.delete();
  return { meanMm: sum / rows, middleMm: middle / rows };
}
